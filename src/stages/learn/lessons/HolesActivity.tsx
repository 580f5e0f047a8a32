'use client';

import { Slider } from 'antd';
import { useMemo, useState } from 'react';
import { DEFAULT_CLOSENESS_PERCENT } from '../../../core/gears';
import { lessonSetup } from '../../../core/lesson';
import { formatShorthand } from '../../../formats/shorthand';
import { useUnits } from '../../../kit/bench/useUnits';
import { gearName } from '../../../kit/explain/gears';
import { Field } from '../../../kit/fields/Field';
import { fixed } from '../../../kit/format';
import { laneOf } from '../../../kit/ladder/request';
import { AxisTitles } from '../../../kit/ladder/AxisTitles';
import { Ladder } from '../../../kit/ladder/Ladder';
import { frameAtCadence } from '../../../kit/ladder/lanes';
import type { ActivityProps } from './Activity';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { t } from '../words/text';

const CADENCE = { min: 50, max: 120 } as const;
/** At which the axis of speeds holds, wherever the cadence range lies. */
const AXIS_RPM = 90;
const LADDER_HEIGHT = 420;
/** No gear is read out. */
const NONE = { place: 0, key: '' };

/** The speeds that a cadence range reaches on the ladder, and the gaps between them. */
export function HolesActivity({ bike, onDone }: ActivityProps) {
  const units = useUnits();
  const [[lowRpm, highRpm], setBand] = useState<readonly [number, number]>([86, 92]);
  const isBand = lowRpm < highRpm;
  const lane = useMemo(() => {
    const setup = lessonSetup.holes(bike.lesson);
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
  const holes = lane.coverage?.holes ?? [];
  useDone(isBand && holes.length === 0, onDone);
  const said = holes.map(({ fromKmh, toKmh, below, above }) =>
    t('holesActivity.fromKmhToToKmhKmH', {
      fromKmh: fixed(fromKmh, 1),
      toKmh: fixed(toKmh, 1),
      gearName: gearName(below),
      gearName2: gearName(above),
    }),
  );
  return (
    <>
      <Field id="lesson-band" label={t('holesActivity.yourBandLowRpmToHighRpm', { lowRpm, highRpm })}>
        <Slider
          range
          {...CADENCE}
          value={[lowRpm, highRpm]}
          onChange={([low, high]) => setBand([low!, high!])}
          ariaLabelForHandle={[t('holesActivity.lowestCadenceRpm'), t('holesActivity.highestCadenceRpm')]}
        />
      </Field>
      <p className={styles.figure} role="status">
        <b>{isBand ? holes.length : '–'}</b> {holes.length === 1 ? t('holesActivity.hole') : t('holesActivity.holes')}
        {said.length > 0 &&
          `: ${said.slice(0, 3).join('; ')}${said.length > 3 ? t('holesActivity.andCountMore', { count: said.length - 3 }) : ''}`}
      </p>
      <div className={styles.column}>
        <AxisTitles of={frame} />
        <Ladder picture={{ ...frame, lanes: [lane], selected: NONE }} />
      </div>
    </>
  );
}
