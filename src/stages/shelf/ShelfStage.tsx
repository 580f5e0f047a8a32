'use client';

import { useBench } from '../../kit/bench/BenchProvider';
import { MadeOfPanel } from './MadeOfPanel';
import { PartSheet } from './PartSheet';
import { ShelfPanel } from './ShelfPanel';
import { useShelf } from './useShelf';
import { PageHeading } from '../../kit/sheet/Panel';
import styles from './Shelf.module.css';
import { t } from './words/text';

/** Parts: what there is, where it lies, what it weighs and costs, and which setups are made of it. */
export function ShelfStage() {
  const state = useBench();
  const shelf = useShelf();
  if (!shelf || state.kind !== 'ready') return null;
  const { opened } = shelf;
  return (
    <>
      <PageHeading>{t('shelfStage.shelf')}</PageHeading>
      <div className={styles.layout} data-open={opened !== undefined}>
        <ShelfPanel shelf={shelf} />
        {opened && <PartSheet key={opened.part.id} shelf={shelf} line={opened} />}
      </div>
      {state.bench && !state.bench.fromLink && <MadeOfPanel />}
    </>
  );
}
