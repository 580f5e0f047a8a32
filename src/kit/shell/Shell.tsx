'use client';

import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { Suspense, type ReactNode } from 'react';
import { useBench } from '../bench/BenchProvider';
import { EmptyBench } from '../bench/EmptyBench';
import { LinkNotice } from '../bench/LinkNotice';
import { AsideNotice, MemoryNotice, StoreFailed } from './StoreNotices';
import { signOf } from '../bench/setup-sign';
import { SlipProvider } from '../explain/Slip';
import { BackupNotice } from '../keeping/BackupNotice';
import { useCopying } from '../keeping/useCopying';
import { UpdateNotice } from '../offline/UpdateNotice';
import { GlossaryProvider } from '../glossary/Glossary';
import styles from './Shell.module.css';
import { withKey, type ShortcutId } from './shortcuts';
import { early } from './early';
import { Toolbar } from './Toolbar';
import { useShortcut, useShortcutKeys } from './useShortcut';
import { WORDS } from './text';

const Bench = early(() => import('../bench/Bench').then((module) => module.Bench));

interface Place {
  readonly path: string;
  readonly name: string;
  readonly shortcut: ShortcutId;
  /** Whether the place is about the bike on the bench; the others can be used without one. */
  readonly needsBench: boolean;
  /** Whether the place is about every bike at once, so that the bench would only take room. */
  readonly isOfAll?: boolean;
}

/** The stages in the order of the work, then what stands beside it. */
const PLACES: readonly Place[] = [
  { path: '/brief', name: WORDS.shell.brief, shortcut: 'brief', needsBench: true },
  { path: '/gears', name: WORDS.shell.gears, shortcut: 'gears', needsBench: true },
  { path: '/compare', name: WORDS.shell.compare, shortcut: 'compare', needsBench: true },
  { path: '/find', name: WORDS.shell.find, shortcut: 'find', needsBench: true },
  { path: '/rides', name: WORDS.shell.rides, shortcut: 'rides', needsBench: true },
  { path: '/fit', name: WORDS.shell.fit, shortcut: 'fit', needsBench: true },
  { path: '/swap', name: WORDS.shell.swap, shortcut: 'swapStage', needsBench: true },
  { path: '/schedule', name: WORDS.shell.schedule, shortcut: 'schedule', needsBench: false, isOfAll: true },
  { path: '/log', name: WORDS.shell.log, shortcut: 'log', needsBench: true },
  { path: '/shelf', name: WORDS.shell.shelf, shortcut: 'shelf', needsBench: false },
  { path: '/learn', name: WORDS.shell.learn, shortcut: 'learn', needsBench: false, isOfAll: true },
  { path: '/data', name: WORDS.shell.data, shortcut: 'data', needsBench: false },
];

/** The house around every stage: the rule with the stages, the bench, and the slip for workings. */
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
  // Dirty hands want one thing on screen: neither stages nor bench.
  const inWorkshop = pathname.startsWith('/work');
  const needsBench = PLACES.some(({ path, needsBench: needs }) => needs && pathname.startsWith(path));
  const isOfAll = PLACES.some(({ path, isOfAll: of }) => of === true && pathname.startsWith(path));
  return (
    <GlossaryProvider>
      <SlipProvider>
        {!inWorkshop && (
          <header className={styles.rule}>
            <Link href="/gears" className={styles.brand}>
              {WORDS.shell.rontel}
            </Link>
            <nav aria-label={WORDS.shell.stages} className={styles.stages}>
              {PLACES.map(({ path, name, shortcut }) => (
                <Link
                  key={path}
                  href={path}
                  aria-current={pathname.startsWith(path) ? 'page' : undefined}
                  title={withKey(name, shortcut)}
                >
                  {name}
                </Link>
              ))}
            </nav>
            <Toolbar />
          </header>
        )}
        <Below needsBench={needsBench} showsBench={!inWorkshop && !isOfAll} showsNotices={!inWorkshop}>
          {children}
        </Below>
      </SlipProvider>
    </GlossaryProvider>
  );
}

function Opening({ waitsFor }: { waitsFor?: { readonly windows: number | undefined } | undefined }) {
  return (
    <main className={styles.main} aria-busy>
      <p className={styles.opening}>{WORDS.shell.openingTheWorkshop}</p>
      {waitsFor && (
        <p role="alert" className={styles.opening} data-testid="waits">
          {WORDS.shell.waitsFor(waitsFor.windows)}
        </p>
      )}
    </main>
  );
}

function Below({
  needsBench,
  showsBench,
  showsNotices,
  children,
}: {
  needsBench: boolean;
  showsBench: boolean;
  /** Of what can wait. */
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
      {state.workshop.setAside > 0 && <AsideNotice count={state.workshop.setAside} />}
      <Suspense fallback={<Opening />}>
        {state.bench && showsBench && <Bench />}
        <main className={styles.main} data-setup={signOf(state.bench?.place ?? 0)}>
          {state.bench || !needsBench ? children : <EmptyBench workshop={state.workshop} edits={state.edits} />}
        </main>
      </Suspense>
    </>
  );
}
