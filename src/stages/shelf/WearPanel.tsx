'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { PART_KM, WEAR_PERCENT } from '../../core/shelf';
import { distanceText } from '../../kit/measures';
import { useUnits } from '../../kit/bench/useUnits';
import { MeasureField } from '../../kit/fields/MeasureField';
import { NumberField } from '../../kit/fields/NumberField';
import { dateText, short } from '../../kit/format';
import { WearView } from '../../kit/shop/WearView';
import { chainWearOf } from '../../kit/shop/wear-of';
import { wearSentence } from '../../kit/shop/wear-words';
import type { PartRecord } from '../../records';
import type { Shelf } from './useShelf';
import styles from './Shelf.module.css';
import { t } from './words/text';

/** A chain under the gauge: its readings, the line through them, and when it is due. */
export function WearPanel({ part, shelf }: { part: PartRecord; shelf: Shelf }) {
  const units = useUnits();
  const [wearPercent, setWearPercent] = useState<number>();
  const [km, setKm] = useState<number>();
  const [round, setRound] = useState(0);
  const [nowMs] = useState(() => Date.now());
  const wear = chainWearOf(part, shelf.shop?.trips ?? [], nowMs);
  const add = () => {
    if (wearPercent === undefined) return;
    const mark = { atMs: Date.now(), wearPercent, ...(km !== undefined && { km }) };
    shelf.edit([part.id], 'wear', (before) => ({ ...before, wear: [...before.wear, mark] }));
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
          label={t('wearPanel.atWhereYouKnowBetter')}
          term={t('wearPanel.distance')}
          bounds={PART_KM}
          placeholder={t('wearPanel.nowByTheLog', { nowKm: distanceText(units, wear.nowKm) })}
          owner={`${part.id} ${round}`}
          width={170}
          value={km}
          onCommit={setKm}
        />
        <Button onClick={add} disabled={wearPercent === undefined}>
          {t('wearPanel.keepTheReading')}
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
                  shelf.edit([part.id], 'wear', (before) => ({
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
