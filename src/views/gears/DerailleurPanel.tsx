'use client';

import { REAR_DERAILLEUR_DATA, checkRearDerailleur, type RearDerailleur } from '../../core/fit';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { NumberField } from '../../ui/fields/NumberField';
import { withOptional } from '../../ui/fields/with-optional';
import { CheckList } from '../../features/verdict/CheckList';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { editNameOf, problemText, textOf } from '../../messages/core';
import styles from './Gears.module.css';
import { t } from './text';

const LABELS: readonly (readonly [keyof RearDerailleur, string])[] = [
  ['totalCapacityT', t('derailleurPanel.totalCapacity')],
  ['largestCogMaxT', t('derailleurPanel.maxLargestCog')],
  ['largestCogMinT', t('derailleurPanel.minLargestCog')],
  ['smallestCogMinT', t('derailleurPanel.minSmallestCog')],
];

/** The rear derailleur's published limits, and how the setup compares. */
export function DerailleurPanel({ gears }: { gears: Gears }) {
  const { workspace, edits } = useReadyWorkspace();
  const { setup, fromLink } = workspace;
  return (
    <Panel aria-label={t('derailleurPanel.rearDerailleur')}>
      <PanelHead>
        <h2>{t('derailleurPanel.rearDerailleurSpec')}</h2>
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
              edits.editSetup(editNameOf(REAR_DERAILLEUR_DATA[field].term), (record) => ({
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
