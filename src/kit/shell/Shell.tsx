'use client';

import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { lazy, Suspense, type ReactNode } from 'react';
import { useBench } from '../bench/BenchProvider';
import { LinkNotice } from '../bench/LinkNotice';
import { QuarantineNotice, MemoryNotice, StoreFailed } from './StoreNotices';
import { signOf } from '../bench/setup-sign';
import { SlipProvider } from '../explain/Slip';
import { BackupNotice } from '../keeping/BackupNotice';
import { useCopying } from '../keeping/useCopying';
import { UpdateNotice } from '../offline/UpdateNotice';
import { GlossaryProvider } from '../glossary/Glossary';
import styles from './Shell.module.css';
import { withKey, type ShortcutId } from './shortcuts';
import { lazyWithPreload } from './lazy-with-preload';
import { pageTitle } from './page-title';
import { Toolbar } from './Toolbar';
import { useShortcut, useShortcutKeys } from './useShortcut';
import { t } from './text';

// Loaded only if there is no bike: its fields would add a third to what every page loads first.
const EmptyBench = lazy(() => import('../bench/EmptyBench').then((module) => ({ default: module.EmptyBench })));
const Bench = lazyWithPreload(() => import('../bench/Bench').then((module) => module.Bench));

interface Place {
  readonly path: string;
  readonly name: string;
  readonly shortcut: ShortcutId;
  /** Whether the page needs a bike. */
  readonly needsBench: boolean;
  /** How much of the setups bar it shows. */
  readonly bar: 'all' | 'columns' | 'bike' | 'none';
  /** Whether the page sets its own title. */
  readonly titlesItself?: boolean;
}

interface Group {
  readonly name: string;
  readonly places: readonly Place[];
}

/** The pages in the order of the work, in five groups. */
const GROUPS: readonly Group[] = [
  {
    name: t('shell.plan'),
    places: [
      { path: '/brief', name: t('shell.brief'), shortcut: 'brief', needsBench: true, bar: 'all' },
      { path: '/gears', name: t('shell.gears'), shortcut: 'gears', needsBench: true, bar: 'all' },
      { path: '/compare', name: t('shell.compare'), shortcut: 'compare', needsBench: true, bar: 'columns' },
      { path: '/find', name: t('shell.find'), shortcut: 'find', needsBench: true, bar: 'all' },
    ],
  },
  {
    name: t('shell.rides'),
    places: [{ path: '/rides', name: t('shell.rides'), shortcut: 'rides', needsBench: true, bar: 'all' }],
  },
  {
    name: t('shell.fit'),
    places: [{ path: '/fit', name: t('shell.fit'), shortcut: 'fit', needsBench: true, bar: 'all' }],
  },
  {
    name: t('shell.workshop'),
    places: [
      {
        path: '/swap',
        name: t('shell.swap'),
        shortcut: 'swapStage',
        needsBench: true,
        bar: 'bike',
        titlesItself: true,
      },
      { path: '/schedule', name: t('shell.schedule'), shortcut: 'schedule', needsBench: false, bar: 'none' },
      { path: '/log', name: t('shell.log'), shortcut: 'log', needsBench: true, bar: 'bike' },
      { path: '/shelf', name: t('shell.shelf'), shortcut: 'shelf', needsBench: false, bar: 'none' },
    ],
  },
  {
    name: t('shell.learn'),
    places: [{ path: '/learn', name: t('shell.learn'), shortcut: 'learn', needsBench: false, bar: 'none' }],
  },
];

const SETTINGS: Place = {
  path: '/data',
  name: t('shell.data'),
  shortcut: 'data',
  needsBench: false,
  bar: 'none',
};

const PLACES: readonly Place[] = [...GROUPS.flatMap(({ places }) => places), SETTINGS];

/** The frame of every page: navigation, setups bar, notices, explanations. */
export function Shell({ children }: { children: ReactNode }) {
  const pathname = usePathname();
  const router = useRouter();
  useShortcutKeys();
  useShortcut('brief', () => router.push('/brief'));
  useShortcut('gears', () => router.push('/gears'));
  useShortcut('compare', () => router.push('/compare'));
  useShortcut('find', () => router.push('/find'));
  useShortcut('rides', () => router.push('/rides'));
  useShortcut('fit', () => router.push('/fit'));
  useShortcut('swapStage', () => router.push('/swap'));
  useShortcut('schedule', () => router.push('/schedule'));
  useShortcut('log', () => router.push('/log'));
  useShortcut('shelf', () => router.push('/shelf'));
  useShortcut('learn', () => router.push('/learn'));
  useShortcut('data', () => router.push('/data'));
  // Workshop mode shows one thing at a time: no navigation and no setups bar.
  const inWorkshop = pathname.startsWith('/work');
  const place = PLACES.find(({ path }) => pathname.startsWith(path));
  return (
    <GlossaryProvider>
      <SlipProvider>
        {!inWorkshop && <PageTitle place={place} />}
        {!inWorkshop && (
          <header className={styles.rule}>
            <Link href="/gears" className={styles.brand}>
              {t('shell.rontel')}
            </Link>
            <nav aria-label={t('shell.stages')} className={styles.stages}>
              {GROUPS.map((group) => (
                <GroupLinks key={group.name} group={group} current={place} />
              ))}
            </nav>
            <Toolbar />
          </header>
        )}
        <Below
          needsBench={place?.needsBench ?? false}
          bar={inWorkshop ? 'none' : (place?.bar ?? 'none')}
          showsNotices={!inWorkshop}
        >
          {children}
        </Below>
      </SlipProvider>
    </GlossaryProvider>
  );
}

/** Sets the document title: the page, and the bike if the page is about one. */
function PageTitle({ place }: { place: Place | undefined }) {
  const state = useBench();
  const bike = state.kind === 'ready' && place?.needsBench ? state.bench?.bike.name : undefined;
  if (place?.titlesItself && bike !== undefined) return null;
  return <title>{pageTitle([place?.name, bike])}</title>;
}

/** A group's link, which leads to its first page; the current group shows its pages. */
function GroupLinks({ group, current }: { group: Group; current: Place | undefined }) {
  const { name, places } = group;
  const isCurrent = places.some(({ path }) => path === current?.path);
  const link = ({ path, name: page, shortcut }: Place) => (
    <Link
      key={path}
      href={path}
      aria-current={path === current?.path ? 'page' : undefined}
      title={withKey(page, shortcut)}
    >
      {page}
    </Link>
  );
  if (places.length === 1) return link(places[0]!);
  return (
    <>
      <Link
        href={places[0]!.path}
        className={isCurrent ? styles.currentGroup : undefined}
        title={t('shell.pagesOf', { group: name, pages: places.map((one) => one.name).join(', ') })}
      >
        {name}
      </Link>
      {isCurrent && (
        <div role="group" aria-label={name} className={styles.pages}>
          {places.map(link)}
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
  needsBench,
  bar,
  showsNotices,
  children,
}: {
  needsBench: boolean;
  bar: Place['bar'];
  /** Notices that are not urgent. */
  showsNotices: boolean;
  children: ReactNode;
}) {
  const state = useBench();
  const keptDb = state.kind === 'ready' && state.workshop.inMemoryBecause === undefined ? state.workshop.db : undefined;
  useCopying(keptDb);
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
      {state.workshop.setAside > 0 && <QuarantineNotice count={state.workshop.setAside} />}
      <Suspense fallback={<Opening />}>
        {state.bench && bar !== 'none' && <Bench shows={bar} />}
        <main className={styles.main} data-setup={signOf(state.bench?.place ?? 0)}>
          {state.bench || !needsBench ? children : <EmptyBench workshop={state.workshop} edits={state.edits} />}
        </main>
      </Suspense>
    </>
  );
}
