'use client';

import { DownloadOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import { gearKey, type SizedGear } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { allDigits } from '../../kit/format';
import { Explained } from '../../kit/explain/Explained';
import { useSaveCsv } from '../../kit/export/useSaveCsv';
import { withKey } from '../../kit/shell/shortcuts';
import { useShortcut } from '../../kit/shell/useShortcut';
import { useStableCallback } from '../../kit/useStableCallback';
import { nextOf, preferencesFor, QUANTITY_VIEWS, quantityChoice, quantityView, type QuantityChoice } from './quantity';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import { Table } from '../../kit/sheet/Table';
import sheet from '../../kit/sheet/sheet.module.css';
import styles from './Gears.module.css';
import { t } from './words/text';

interface GearTableProps {
  readonly gears: Gears;
  readonly selected: SizedGear;
  readonly onSelect: (gear: SizedGear) => void;
}

/** Rings across, cogs down, in one quantity. */
export function GearTable({ gears, selected, onSelect }: GearTableProps) {
  const { bench, preferences, edits } = useReadyBench();
  const { report, context } = gears;
  const { chainrings, cogs, hubStages } = report.setup;
  const columns = chainrings.flatMap((ring) => hubStages.map((hubStage) => ({ ring, hubStage })));
  const choice = quantityChoice(preferences);
  const view = quantityView(choice);
  const saveCsv = useSaveCsv();
  const save = useStableCallback(() =>
    saveCsv(t('gearTable.nameGears', { name: bench.bike.name }), ({ gearTableCsv }) =>
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
        <caption className={sheet.hidden}>{t('gearTable.titleOfEveryGearRings', { title: view.title })}</caption>
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
                const gear = byPair.get(gearKey({ chainring: ring, cog, hubStage }))!;
                return (
                  <td
                    key={`${ring}@${hubStage}`}
                    className={`${gear.crossChained ? styles.crossedCell : ''} ${gear.key === selected.key ? styles.selectedCell : ''}`}
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
                    <span className={styles.twinMark}>
                      {gear.twin && (
                        <span
                          title={t('gearTable.exactlyTheSameAsChainring', {
                            chainring: gear.twin.chainring,
                            cog: gear.twin.cog,
                          })}
                        >
                          ={gear.twin.chainring}/{gear.twin.cog}
                        </span>
                      )}
                      {gear.near && (
                        <span
                          title={t('gearTable.nearlyTheSameAs', {
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
          <i className={styles.legendHollow} /> {t('gearTable.crossChainedByYourRule')} {context.riding.crossedCogs}{' '}
          {t('gearTable.largestCogsSmallRingWith')} {context.riding.crossedCogs} {t('gearTable.smallest')}
        </p>
      )}
    </Panel>
  );
}

function QuantitySelect({ choice }: { choice: QuantityChoice }) {
  const { edits } = useReadyBench();
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
