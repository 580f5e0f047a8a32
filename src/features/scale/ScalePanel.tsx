'use client';

import { Button, Segmented, Select } from 'antd';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { isWholeSteps } from '../../core/job';
import { NumberField } from '../../ui/fields/NumberField';
import { allDigits } from '../../ui/format';
import { MASS_UNITS, gramsOfKg, gramsOfLbOz, type MassUnit } from './mass-units';
import styles from './Scale.module.css';
import { t } from './text';
import { defined } from '../../core/optional';
import { definite } from '../../core/items';

const DemoScale = dynamic(() => import('./DemoScale').then((module) => module.DemoScale), { ssr: false });

/** Steps that scales show, from one for parts to one for whole bikes, g. */
const SCALE_STEPS_G = [0.1, 1, 2, 5, 10, 20, 50, 100] as const;
const OUNCES_MAX = 15.99;

interface ScalePanelProps {
  /** The true weight on the demo scale, g. */
  readonly trueG: number;
  readonly what: string;
  /** What can be weighed at most, g. */
  readonly maxG: number;
  readonly unit?: MassUnit;
  readonly onReading: (grams: number, resolutionG: number) => void;
}

/** What a scale shows, typed in its own unit and resolution; a simulated scale to try it with comes second. */
export function ScalePanel({ trueG, what, maxG, unit: firstUnit = 'g', onReading }: ScalePanelProps) {
  const [unit, setUnit] = useState<MassUnit>(firstUnit);
  const [resolutionG, setResolutionG] = useState<number>(firstUnit === 'kg' ? 10 : 1);
  const [typed, setTyped] = useState<number>();
  const [ounces, setOunces] = useState<number>();
  const [showsDemo, setShowsDemo] = useState(false);
  const grams = gramsOf(unit, typed, ounces);
  const isSteps = unit === 'lbOz' || grams === undefined || isWholeSteps(grams, resolutionG);
  const clear = (next: MassUnit) => {
    setUnit(next);
    setTyped(undefined);
    setOunces(undefined);
  };
  const perUnit = { g: 1, kg: 1000, lbOz: 453.59237 }[unit];
  return (
    <div className={styles.scale} data-testid="scale">
      <div className={styles.settings}>
        <Segmented<MassUnit>
          size="small"
          aria-label={t('scalePanel.unitOfTheScale')}
          value={unit}
          options={MASS_UNITS.map((value) => ({ value, label: t(`scalePanel.units.${value}`) }))}
          onChange={clear}
        />
        <label className={styles.resolution}>
          {t('scalePanel.resolution')}{' '}
          <Select<number>
            size="small"
            aria-label={t('scalePanel.resolutionOfTheScale')}
            value={resolutionG}
            style={{ width: 92 }}
            options={SCALE_STEPS_G.map((value) => ({ value, label: `${allDigits(value)} g` }))}
            onChange={setResolutionG}
          />
        </label>
      </div>
      <div className={styles.own}>
        <NumberField
          id="own-scale"
          label={t('scalePanel.scaleShows', { what })}
          term={t('scalePanel.weight')}
          unit={unit === 'lbOz' ? 'lb' : unit}
          bounds={{ min: 0, max: Number((maxG / perUnit).toFixed(3)) }}
          optional
          owner={`${what} ${unit}`}
          width={150}
          value={typed}
          check={(value) => {
            const own = gramsOf(unit, value, ounces);
            return unit === 'lbOz' || own === undefined || isWholeSteps(own, resolutionG)
              ? undefined
              : t('scalePanel.noMultiple', { value: allDigits(own), resolutionG: allDigits(resolutionG) });
          }}
          onCommit={setTyped}
        />
        {unit === 'lbOz' && (
          <NumberField
            id="own-scale-oz"
            label={t('scalePanel.ounces')}
            term={t('scalePanel.ounces')}
            unit="oz"
            bounds={{ min: 0, max: OUNCES_MAX }}
            optional
            owner={what}
            width={110}
            value={ounces}
            onCommit={setOunces}
          />
        )}
        <Button
          type="primary"
          disabled={grams === undefined || grams <= 0 || !isSteps}
          onClick={() => onReading(definite(grams), resolutionG)}
        >
          {t('scalePanel.saveWeight')}
        </Button>
      </div>
      {showsDemo ? (
        <DemoScale trueG={trueG} what={what} resolutionG={resolutionG} onReading={onReading} />
      ) : (
        <Button type="link" size="small" {...defined({ className: styles.offer })} onClick={() => setShowsDemo(true)}>
          {t('scalePanel.useDemoScale')}
        </Button>
      )}
    </div>
  );
}

function gramsOf(unit: MassUnit, typed: number | undefined, ounces: number | undefined): number | undefined {
  if (unit === 'lbOz') {
    return typed === undefined && ounces === undefined ? undefined : gramsOfLbOz(typed ?? 0, ounces ?? 0);
  }
  return typed === undefined || unit === 'g' ? typed : gramsOfKg(typed);
}
