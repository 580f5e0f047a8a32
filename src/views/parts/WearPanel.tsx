'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { PART_KM, WEAR_PERCENT } from '../../core/parts';
import { distanceText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { MeasureField } from '../../features/fields/MeasureField';
import { NumberField } from '../../ui/fields/NumberField';
import { dateText, short } from '../../ui/format';
import { WearView } from '../../features/workshop/WearView';
import { chainWearOf } from '../../features/workshop/wear-of';
import { wearSentence } from '../../features/workshop/wear-words';
import type { PartRecord } from '../../records';
import type { Stock } from './useParts';
import styles from './Parts.module.css';
import { t } from './text';

/** A chain under the gauge: its readings, the line through them, and when it is due. */
export function WearPanel({ part, stock }: { part: PartRecord; stock: Stock }) {
  const units = useUnits();
  const [wearPercent, setWearPercent] = useState<number>();
  const [km, setKm] = useState<number>();
  const [round, setRound] = useState(0);
  const [nowMs] = useState(() => Date.now());
  const wear = chainWearOf(part, stock.shop?.trips ?? [], nowMs);
  const add = () => {
    if (wearPercent === undefined) return;
    const mark = { atMs: Date.now(), wearPercent, ...(km !== undefined && { km }) };
    stock.edit([part.id], 'part.wear', (before) => ({ ...before, wear: [...before.wear, mark] }));
    setWearPercent(undefined);
    setKm(undefined);
    setRound(round + 1);
  };
  return (
    <fieldset className={styles.data}>
      <legend>{t('wearPanel.chainWear')}</legend>
      <p className={styles.verdict} data-testid="wear">
        {wearSentence(wear, units)}
      </p>
      <WearView wear={wear} />
      <div className={styles.wearForm} key={round}>
        <NumberField
          id="wear-percent"
          label={t('wearPanel.byTheGauge')}
          term={t('wearPanel.wear')}
          unit="%"
          bounds={WEAR_PERCENT}
          optional
          owner={`${part.id} ${round}`}
          width={110}
          value={wearPercent}
          onCommit={setWearPercent}
        />
        <MeasureField
          measure="distance"
          id="wear-km"
          label={t('wearPanel.distanceOverridesLog')}
          term={t('wearPanel.distance')}
          bounds={PART_KM}
          placeholder={t('wearPanel.log', { nowKm: distanceText(units, wear.nowKm) })}
          owner={`${part.id} ${round}`}
          width={170}
          value={km}
          onCommit={setKm}
        />
        <Button onClick={add} disabled={wearPercent === undefined}>
          {t('wearPanel.saveReading')}
        </Button>
      </div>
      {part.wear.length > 0 && (
        <ul className={styles.readings}>
          {wear.readings.map((reading) => (
            <li key={reading.atMs}>
              {t('wearPanel.dateWearPercentAtKm', {
                date: dateText(reading.atMs),
                wearPercent: short(reading.wearPercent, 2),
                km: distanceText(units, reading.km),
              })}{' '}
              <button
                type="button"
                className={styles.link}
                onClick={() =>
                  stock.edit([part.id], 'part.wear', (before) => ({
                    ...before,
                    wear: before.wear.filter(({ atMs }) => atMs !== reading.atMs),
                  }))
                }
              >
                {t('wearPanel.takeOut')}
              </button>
            </li>
          ))}
        </ul>
      )}
    </fieldset>
  );
}
