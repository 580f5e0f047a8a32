'use client';

import { Slider } from 'antd';
import { useMemo, useState } from 'react';
import { coverage, developedGears, type SpeedSpan } from '../../../core/gears';
import { lessonSetup } from '../../../core/lesson';
import { gearName } from '../../../kit/explain/gears';
import { Field } from '../../../kit/fields/Field';
import { fixed } from '../../../kit/format';
import { useWidth } from '../../../kit/ladder/useWidth';
import type { ActivityProps } from './Activity';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { WORDS } from '../words/text';

const CADENCE = { min: 50, max: 120 } as const;

/** The speeds that a band of cadences reaches, and the holes between them. */
export function HolesActivity({ bike, onDone }: ActivityProps) {
  const gears = useMemo(() => developedGears(lessonSetup.holes(bike.lesson), bike.rolloutMm), [bike]);
  const [[lowRpm, highRpm], setBand] = useState<readonly [number, number]>([86, 92]);
  const isBand = lowRpm < highRpm;
  const { spans, holes } = useMemo(
    () => (isBand ? coverage(gears, { lowRpm, highRpm }) : { spans: [], holes: [] }),
    [gears, isBand, lowRpm, highRpm],
  );
  useDone(isBand && holes.length === 0, onDone);
  const said = holes.map(({ fromKmh, toKmh, below, above }) =>
    WORDS.holesActivity.fromKmhToToKmhKmH(fixed(fromKmh, 1), fixed(toKmh, 1), gearName(below), gearName(above)),
  );
  return (
    <>
      <Field id="lesson-band" label={WORDS.holesActivity.yourBandLowRpmToHighRpm(lowRpm, highRpm)}>
        <Slider
          range
          {...CADENCE}
          value={[lowRpm, highRpm]}
          onChange={([low, high]) => setBand([low!, high!])}
          ariaLabelForHandle={[WORDS.holesActivity.lowestCadenceRpm, WORDS.holesActivity.highestCadenceRpm]}
        />
      </Field>
      <p className={styles.figure} role="status">
        <b>{isBand ? holes.length : '–'}</b> {holes.length === 1 ? WORDS.holesActivity.hole : WORDS.holesActivity.holes}
        {said.length > 0 &&
          `: ${said.slice(0, 3).join('; ')}${said.length > 3 ? WORDS.holesActivity.andCountMore(said.length - 3) : ''}`}
      </p>
      <SpanStrip spans={spans} />
    </>
  );
}

const HEIGHT = 54;
const EDGE = 16;
const TICK_KMH = 5;

/** Speeds that are covered, on an even scale; what lies between is a hole. */
function SpanStrip({ spans }: { spans: readonly SpeedSpan[] }) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const most = Math.max(TICK_KMH, ...spans.map(({ toKmh }) => toKmh));
  const x = (kmh: number) => EDGE + (kmh / most) * (width - 2 * EDGE);
  return (
    <div ref={ref} className={styles.spans}>
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={WORDS.holesActivity.coveredSpansKmH(
            spans
              .map(({ fromKmh, toKmh }) => WORDS.holesActivity.fromKmhToToKmh(fixed(fromKmh, 1), fixed(toKmh, 1)))
              .join(', '),
          )}
        >
          {spans.map(({ fromKmh, toKmh }) => (
            <rect key={fromKmh} x={x(fromKmh)} width={x(toKmh) - x(fromKmh)} y={4} height={26} />
          ))}
          {Array.from({ length: Math.floor(most / TICK_KMH) + 1 }, (_, i) => (
            <g key={i}>
              <line x1={x(i * TICK_KMH)} x2={x(i * TICK_KMH)} y1={30} y2={36} />
              <text x={x(i * TICK_KMH)} y={50} textAnchor="middle">
                {i * TICK_KMH}
              </text>
            </g>
          ))}
        </svg>
      )}
    </div>
  );
}
