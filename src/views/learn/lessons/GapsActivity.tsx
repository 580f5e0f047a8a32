'use client';

import { Slider } from 'antd';
import { useMemo, useState } from 'react';
import { DEFAULT_CLOSENESS_PERCENT } from '../../../core/gears';
import { lessonSetup } from '../../../core/lesson';
import { formatShorthand } from '../../../formats/shorthand';
import { useUnits } from '../../../features/workspace/useUnits';
import { gearName } from '../../../features/explanations/gears';
import { Field } from '../../../ui/fields/Field';
import { fixed } from '../../../ui/format';
import { laneOf } from '../../../features/ladder/request';
import { AxisTitles } from '../../../features/ladder/AxisTitles';
import { Ladder } from '../../../features/ladder/Ladder';
import { frameAtCadence } from '../../../features/ladder/lanes';
import type { ActivityProps } from './Activity';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { t } from '../learner/text';
import { definite } from '../../../core/items';

const CADENCE = { min: 50, max: 120 } as const;
/** The cadence of the speed axis, whatever the cadence range. */
const AXIS_RPM = 90;
const LADDER_HEIGHT = 420;
/** No gear is read out. */
const NONE = { place: 0, key: '' };

/** The speeds that a cadence range reaches on the ladder, and the gaps between them. */
export function GapsActivity({ bike, onDone }: ActivityProps) {
  const units = useUnits();
  const [[lowRpm, highRpm], setBand] = useState<readonly [number, number]>([86, 92]);
  const isBand = lowRpm < highRpm;
  const lane = useMemo(() => {
    const setup = lessonSetup.gaps(bike.lesson);
    return laneOf({
      place: 0,
      title: formatShorthand(setup),
      setup,
      riding: {
        rolloutMm: bike.rolloutMm,
        cadenceRpm: AXIS_RPM,
        crankLengthMm: bike.crankLengthMm,
        closenessPercent: DEFAULT_CLOSENESS_PERCENT,
      },
      band: isBand ? { lowRpm, highRpm } : undefined,
    });
  }, [bike, isBand, lowRpm, highRpm]);
  const frame = frameAtCadence(AXIS_RPM, 'speedStep', units, LADDER_HEIGHT);
  const gaps = lane.coverage?.gaps ?? [];
  useDone(isBand && gaps.length === 0, onDone);
  const said = gaps.map(({ fromKmh, toKmh, below, above }) =>
    t('gapsActivity.fromKmhToToKmhKmH', {
      fromKmh: fixed(fromKmh, 1),
      toKmh: fixed(toKmh, 1),
      gearName: gearName(below),
      gearName2: gearName(above),
    }),
  );
  return (
    <>
      <Field id="lesson-band" label={t('gapsActivity.yourBandLowRpmToHighRpm', { lowRpm, highRpm })}>
        <Slider
          range
          {...CADENCE}
          value={[lowRpm, highRpm]}
          onChange={([low, high]) => setBand([definite(low), definite(high)])}
          ariaLabelForHandle={[t('gapsActivity.lowestCadenceRpm'), t('gapsActivity.highestCadenceRpm')]}
        />
      </Field>
      <p className={styles.figure} role="status">
        <b>{isBand ? gaps.length : '–'}</b> {t('gapsActivity.gaps', { count: gaps.length })}
        {said.length > 0 &&
          t('gapsActivity.where', { gaps: said.slice(0, 3).join('; '), more: Math.max(0, said.length - 3) })}
      </p>
      <div className={styles.column}>
        <AxisTitles of={frame} />
        <Ladder picture={{ ...frame, lanes: [lane], selected: NONE }} />
      </div>
    </>
  );
}
