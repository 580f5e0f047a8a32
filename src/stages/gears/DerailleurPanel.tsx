'use client';

import { REAR_DERAILLEUR_DATA, checkRearDerailleur, type RearDerailleur } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { NumberField } from '../../kit/fields/NumberField';
import { withOptional } from '../../kit/fields/with-optional';
import { CheckList } from '../../kit/verdict/CheckList';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import { problemText, textOf } from '../../messages/core';
import styles from './Gears.module.css';
import { t } from './words/text';

const LABELS: readonly (readonly [keyof RearDerailleur, string])[] = [
  ['totalCapacityT', t('derailleurPanel.totalCapacity')],
  ['largestCogMaxT', t('derailleurPanel.largestCogAtMost')],
  ['largestCogMinT', t('derailleurPanel.largestCogAtLeast')],
  ['smallestCogMinT', t('derailleurPanel.smallestCogAtLeast')],
];

/** The rear derailleur's published numbers, and what they say of this setup. */
export function DerailleurPanel({ gears }: { gears: Gears }) {
  const { bench, edits } = useReadyBench();
  const { setup, fromLink } = bench;
  return (
    <Panel aria-label={t('derailleurPanel.rearDerailleur')}>
      <PanelHead>
        <h2>{t('derailleurPanel.rearDerailleurByItsSheet')}</h2>
      </PanelHead>
      <div className={styles.sheetFields}>
        {LABELS.map(([field, label]) => (
          <NumberField
            key={field}
            id={field}
            label={label}
            term={textOf(REAR_DERAILLEUR_DATA[field].term)}
            owner={setup.id}
            disabled={fromLink}
            unit="T"
            bounds={REAR_DERAILLEUR_DATA[field].bounds}
            whole
            optional
            width={84}
            placeholder="–"
            value={setup.rearDerailleur[field]}
            check={(value) => contradiction(withOptional(setup.rearDerailleur, field, value))}
            onCommit={(value) =>
              edits.editSetup(textOf(REAR_DERAILLEUR_DATA[field].term), (record) => ({
                ...record,
                rearDerailleur: withOptional(record.rearDerailleur, field, value),
              }))
            }
          />
        ))}
      </div>
      <div className={styles.checkList}>
        <CheckList checks={gears.checks} setup={setup} />
      </div>
    </Panel>
  );
}

/** A limit can be sound alone and still contradict another. */
function contradiction(derailleur: RearDerailleur): string | undefined {
  return checkRearDerailleur(derailleur).map(problemText)[0];
}
