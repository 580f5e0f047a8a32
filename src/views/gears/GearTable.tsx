'use client';

import { clsx } from 'clsx';
import { DownloadOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import { gearKey, type SizedGear } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { allDigits } from '../../ui/format';
import { Explained } from '../../features/explain/Explained';
import { useSaveCsv } from '../../features/save-table/useSaveCsv';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { nextOf, preferencesFor, QUANTITY_VIEWS, quantityChoice, quantityView, type QuantityChoice } from './quantity';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import sheet from '../../ui/panel/sheet.module.css';
import styles from './Gears.module.css';
import { t } from './text';
import { entryOf } from '../../core/items';

interface GearTableProps {
  readonly gears: Gears;
  readonly selected: SizedGear;
  readonly onSelect: (gear: SizedGear) => void;
}

/** Rings across, cogs down, in one quantity. */
export function GearTable({ gears, selected, onSelect }: GearTableProps) {
  const withKey = useWithKey();
  const { workspace, preferences, edits } = useReadyWorkspace();
  const { report, context } = gears;
  const { chainrings, cogs, hubStages } = report.setup;
  const columns = chainrings.flatMap((ring) => hubStages.map((hubStage) => ({ ring, hubStage })));
  const choice = quantityChoice(preferences);
  const view = quantityView(choice);
  const saveCsv = useSaveCsv();
  const save = useStableCallback(() =>
    saveCsv(t('gearTable.nameGears', { name: workspace.bike.name }), ({ gearTableCsv }) =>
      gearTableCsv(report, context.riding.cadenceRpm),
    ),
  );
  useShortcut('quantity', () =>
    edits.editPreferences((now) => preferencesFor(nextOf(QUANTITY_VIEWS, quantityView(quantityChoice(now))).id)),
  );
  useShortcut('csv', save);
  const closeness = allDigits(report.closenessPercent);
  const byPair = new Map(report.gears.map((gear) => [gear.key, gear]));

  return (
    <Panel aria-label={t('gearTable.gearTable')}>
      <PanelHead>
        <h2>{t('gearTable.gears')}</h2>
        <QuantitySelect choice={choice} />
        <Button
          size="small"
          icon={<DownloadOutlined />}
          onClick={save}
          title={withKey(t('gearTable.saveTheGearTableAs'), 'csv')}
        >
          {t('gearTable.csv')}
        </Button>
      </PanelHead>
      {choice === 'gainRatio' && context.riding.crankLengthMm === undefined && (
        <p className={styles.missing}>{t('gearTable.gainRatioNeedsTheCrank')}</p>
      )}
      <Table className={styles.gearTable} data-testid="gear-table">
        <caption className={sheet.hidden}>{t('gearTable.chainringsAcrossCogsDown', { title: view.title })}</caption>
        <thead>
          <tr>
            <th scope="col">{t('gearTable.cog')}</th>
            {columns.map(({ ring, hubStage }) => (
              <th key={`${ring}@${hubStage}`} scope="col">
                {ring}
                {hubStage !== 1 && <small> ×{hubStage}</small>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {cogs.map((cog) => (
            <tr key={cog}>
              <th scope="row">{cog}</th>
              {columns.map(({ ring, hubStage }) => {
                const gear = entryOf(byPair, gearKey({ chainring: ring, cog, hubStage }));
                return (
                  <td
                    key={`${ring}@${hubStage}`}
                    className={clsx(
                      gear.crossChained && styles.crossedCell,
                      gear.key === selected.key && styles.selectedCell,
                    )}
                    onClick={() => onSelect(gear)}
                  >
                    <span className={styles.crossMark}>
                      {gear.crossChained && (
                        <i className={styles.legendHollow} role="img" aria-label={t('gearTable.crossChained')} />
                      )}
                    </span>
                    <Explained explain={() => view.explain(gear, context)}>
                      <span data-cell={gear.key}>{view.text(gear)}</span>
                    </Explained>
                    <span className={styles.duplicateMark}>
                      {gear.duplicate && (
                        <span
                          title={t('gearTable.exactDuplicate', {
                            chainring: gear.duplicate.chainring,
                            cog: gear.duplicate.cog,
                          })}
                        >
                          ={gear.duplicate.chainring}/{gear.duplicate.cog}
                        </span>
                      )}
                      {gear.near && (
                        <span
                          title={t('gearTable.nearDuplicateCloserThan', {
                            chainring: gear.near.chainring,
                            cog: gear.near.cog,
                            percent: closeness,
                          })}
                        >
                          ≈{gear.near.chainring}/{gear.near.cog}
                        </span>
                      )}
                    </span>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Table>
      {chainrings.length > 1 && (
        <p className={styles.tableLegend}>
          <i className={styles.legendHollow} /> {t('gearTable.crossChainedSetUnder')} {context.riding.crossedCogs}{' '}
          {t('gearTable.largestCogsSmallRingWith')} {context.riding.crossedCogs} {t('gearTable.smallest')}
        </p>
      )}
    </Panel>
  );
}

function QuantitySelect({ choice }: { choice: QuantityChoice }) {
  const withKey = useWithKey();
  const { edits } = useReadyWorkspace();
  return (
    <Select
      aria-label={t('gearTable.quantity')}
      title={withKey(t('gearTable.quantity'), 'quantity')}
      size="small"
      value={choice}
      onChange={(next: QuantityChoice) => edits.editPreferences(preferencesFor(next))}
      style={{ width: 190 }}
      options={QUANTITY_VIEWS.map(({ id, title }) => ({ value: id, label: title }))}
    />
  );
}
