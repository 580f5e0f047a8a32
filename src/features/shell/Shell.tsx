'use client';

import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { lazy, Suspense, type MouseEvent, type ReactNode } from 'react';
import { useWorkspace } from '../workspace/WorkspaceProvider';
import { LinkNotice } from '../setups-bar/LinkNotice';
import { QuarantineNotice, MemoryNotice, StoreFailed } from './StoreNotices';
import { signOf } from '../setup-mark/setup-sign';
import { ExplanationProvider } from '../explain/ExplanationPlace';
import { BackupNotice } from '../backup/BackupNotice';
import { usePairing } from '../devices/usePairing';
import { useCopying } from '../backup/useCopying';
import { useBadge } from '../installed/useBadge';
import { UpdateNotice } from '../offline/UpdateNotice';
import { GlossaryProvider } from '../glossary/Glossary';
import styles from './Shell.module.css';
import type { ShortcutId } from '../shortcuts/shortcuts';
import { useWithKey } from '../shortcuts/useKeymap';
import { lazyWithPreload } from '../../ui/react/lazy-with-preload';
import { LAYER } from '../../ui/menu/landmark-of';
import { pageTitle } from './page-title';
import { Toolbar } from './Toolbar';
import { useShortcut, useShortcutKeys } from '../shortcuts/useShortcut';
import { t } from './text';
import { firstOf } from '../../core/items';

// Loaded only if there is no bike: its fields would add a third to what every page loads first.
const FirstBike = lazy(() => import('../setups-bar/FirstBike').then((module) => ({ default: module.FirstBike })));
const Workspace = lazyWithPreload(() => import('../setups-bar/SetupsBar').then((module) => module.Workspace));

interface Page {
  readonly path: string;
  readonly name: string;
  readonly shortcut: ShortcutId;
  /** Whether the page needs a bike. */
  readonly needsWorkspace: boolean;
  /** How much of the setups bar it shows. */
  readonly bar: 'all' | 'columns' | 'bike' | 'none';
  /** Whether the page sets its own title. */
  readonly titlesItself?: boolean;
}

interface Group {
  readonly name: string;
  readonly pages: readonly Page[];
}

/** The pages in the order of the work, in five groups. */
const GROUPS: readonly Group[] = [
  {
    name: t('shell.plan'),
    pages: [
      { path: '/needs', name: t('shell.needs'), shortcut: 'needs', needsWorkspace: true, bar: 'all' },
      { path: '/gears', name: t('shell.gears'), shortcut: 'gears', needsWorkspace: true, bar: 'all' },
      { path: '/compare', name: t('shell.compare'), shortcut: 'compare', needsWorkspace: true, bar: 'columns' },
      { path: '/find', name: t('shell.find'), shortcut: 'find', needsWorkspace: true, bar: 'all' },
    ],
  },
  {
    name: t('shell.rides'),
    pages: [{ path: '/rides', name: t('shell.rides'), shortcut: 'rides', needsWorkspace: true, bar: 'all' }],
  },
  {
    name: t('shell.compatibility'),
    pages: [
      {
        path: '/compatibility',
        name: t('shell.compatibility'),
        shortcut: 'compatibility',
        needsWorkspace: true,
        bar: 'all',
      },
    ],
  },
  {
    name: t('shell.workshop'),
    pages: [
      {
        path: '/jobs',
        name: t('shell.jobs'),
        shortcut: 'jobs',
        needsWorkspace: true,
        bar: 'bike',
        titlesItself: true,
      },
      { path: '/schedule', name: t('shell.schedule'), shortcut: 'schedule', needsWorkspace: false, bar: 'none' },
      { path: '/log', name: t('shell.log'), shortcut: 'log', needsWorkspace: true, bar: 'bike' },
      { path: '/parts', name: t('shell.parts'), shortcut: 'parts', needsWorkspace: false, bar: 'none' },
      { path: '/devices', name: t('shell.devices'), shortcut: 'devices', needsWorkspace: false, bar: 'none' },
    ],
  },
  {
    name: t('shell.learn'),
    pages: [{ path: '/learn', name: t('shell.learn'), shortcut: 'learn', needsWorkspace: false, bar: 'none' }],
  },
];

const SETTINGS: Page = {
  path: '/settings',
  name: t('shell.settings'),
  shortcut: 'settings',
  needsWorkspace: false,
  bar: 'none',
};

const PAGES: readonly Page[] = [...GROUPS.flatMap(({ pages }) => pages), SETTINGS];

/** What the skip link leads to. */
const MAIN = 'main';

/** Puts the focus on the page's content; the address, which may carry a setup, stays. */
function skipToMain(event: MouseEvent): void {
  event.preventDefault();
  document.getElementById(MAIN)?.focus();
}

/** The frame of every page: navigation, setups bar, notices, explanations. */
export function Shell({ children }: { children: ReactNode }) {
  const pathname = usePathname();
  const router = useRouter();
  useShortcutKeys();
  useShortcut('needs', () => router.push('/needs'));
  useShortcut('gears', () => router.push('/gears'));
  useShortcut('compare', () => router.push('/compare'));
  useShortcut('find', () => router.push('/find'));
  useShortcut('rides', () => router.push('/rides'));
  useShortcut('compatibility', () => router.push('/compatibility'));
  useShortcut('jobs', () => router.push('/jobs'));
  useShortcut('schedule', () => router.push('/schedule'));
  useShortcut('log', () => router.push('/log'));
  useShortcut('parts', () => router.push('/parts'));
  useShortcut('learn', () => router.push('/learn'));
  useShortcut('settings', () => router.push('/settings'));
  useShortcut('devices', () => router.push('/devices'));
  // Workshop mode shows one thing at a time: no navigation and no setups bar.
  const inWorkshop = pathname.startsWith('/work');
  const page = PAGES.find(({ path }) => pathname.startsWith(path));
  return (
    <GlossaryProvider>
      <ExplanationProvider>
        {!inWorkshop && <PageTitle page={page} />}
        {!inWorkshop && (
          <header className={styles.rule}>
            <a href={`#${MAIN}`} className={styles.skip} onClick={skipToMain}>
              {t('shell.skip')}
            </a>
            <Link href="/gears" className={styles.brand}>
              {t('shell.rontel')}
            </Link>
            <nav aria-label={t('shell.pages')} className={styles.navigation}>
              {GROUPS.map((group) => (
                <GroupLinks key={group.name} group={group} current={page} />
              ))}
            </nav>
            <Toolbar />
          </header>
        )}
        <Below
          needsWorkspace={page?.needsWorkspace ?? false}
          bar={inWorkshop ? 'none' : (page?.bar ?? 'none')}
          showsNotices={!inWorkshop}
        >
          {children}
        </Below>
        <section id={LAYER} aria-label={t('shell.layer')} />
      </ExplanationProvider>
    </GlossaryProvider>
  );
}

/** Sets the document title: the page, and the bike if the page is about one. */
function PageTitle({ page }: { page: Page | undefined }) {
  const state = useWorkspace();
  const bike = state.kind === 'ready' && page?.needsWorkspace ? state.workspace?.bike.name : undefined;
  if (page?.titlesItself && bike !== undefined) return null;
  return <title>{pageTitle([page?.name, bike])}</title>;
}

/** A group's link, which leads to its first page; the current group shows its pages. */
function GroupLinks({ group, current }: { group: Group; current: Page | undefined }) {
  const withKey = useWithKey();
  const { name, pages } = group;
  const isCurrent = pages.some(({ path }) => path === current?.path);
  const link = ({ path, name: pageName, shortcut }: Page) => (
    <Link
      key={path}
      href={path}
      aria-current={path === current?.path ? 'page' : undefined}
      title={withKey(pageName, shortcut)}
    >
      {pageName}
    </Link>
  );
  if (pages.length === 1) return link(firstOf(pages));
  return (
    <>
      <Link
        href={firstOf(pages).path}
        className={isCurrent ? styles.currentGroup : undefined}
        title={t('shell.pagesOf', { group: name, pages: pages.map((one) => one.name).join(', ') })}
      >
        {name}
      </Link>
      {isCurrent && (
        <div role="group" aria-label={name} className={styles.pages}>
          {pages.map(link)}
        </div>
      )}
    </>
  );
}

function Opening({ waitsFor }: { waitsFor?: { readonly windows: number | undefined } | undefined }) {
  return (
    <main className={styles.main} aria-busy>
      <p className={styles.opening}>{t('shell.openingTheWorkshop')}</p>
      {waitsFor && (
        <p role="alert" className={styles.opening} data-testid="waits">
          {t('shell.waitsFor', { windows: waitsFor.windows ?? 0 })}
        </p>
      )}
    </main>
  );
}

function Below({
  needsWorkspace,
  bar,
  showsNotices,
  children,
}: {
  needsWorkspace: boolean;
  bar: Page['bar'];
  /** Notices that are not urgent. */
  showsNotices: boolean;
  children: ReactNode;
}) {
  const state = useWorkspace();
  const keptDb = state.kind === 'ready' && state.workshop.inMemoryBecause === undefined ? state.workshop.db : undefined;
  useCopying(keptDb);
  usePairing(keptDb);
  useBadge(keptDb);
  if (state.kind === 'opening') {
    return <Opening waitsFor={state.waitsFor} />;
  }
  if (state.kind === 'failed') {
    return (
      <main className={styles.main}>
        <StoreFailed failure={state.failure} />
      </main>
    );
  }
  return (
    <>
      {showsNotices && <UpdateNotice className={styles.notice} />}
      {showsNotices && keptDb && <BackupNotice db={keptDb} className={styles.notice} />}
      <LinkNotice />
      {state.workshop.inMemoryBecause !== undefined && <MemoryNotice because={state.workshop.inMemoryBecause} />}
      {state.workshop.quarantinedCount > 0 && <QuarantineNotice count={state.workshop.quarantinedCount} />}
      <Suspense fallback={<Opening />}>
        {state.workspace && bar !== 'none' && <Workspace shows={bar} />}
        <main id={MAIN} tabIndex={-1} className={styles.main} data-setup={signOf(state.workspace?.place ?? 0)}>
          {state.workspace || !needsWorkspace ? children : <FirstBike workshop={state.workshop} edits={state.edits} />}
        </main>
      </Suspense>
    </>
  );
}
