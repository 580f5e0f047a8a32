'use client';

import { useMemo, type ReactNode, type Ref } from 'react';
import { developmentForM } from '../../core/ride';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { READING_TEXT } from '../../kit/explain/gears';
import { short, speedIn, SPEED_UNIT_TEXT } from '../../kit/format';
import { Ladder } from '../../kit/ladder/Ladder';
import { ladderNumbers } from '../../kit/ladder/ladder-numbers';
import type { PlacedGear } from '../../kit/ladder/layout';
import { Numbers } from '../../kit/numbers/Numbers';
import { useTypedGears, type Comparison } from './useCompare';
import styles from './Compare.module.css';
import { WORDS } from './words/text';

interface CompareLadderProps {
  readonly comparison: Comparison;
  readonly selected: { readonly place: number; readonly key: string };
  readonly onSelect: (selected: PlacedGear) => void;
  readonly drawingRef?: Ref<SVGSVGElement>;
  readonly tools?: ReactNode;
}

/** A lane for each setup on one axis of speed and development. */
export function CompareLadder({ comparison, selected, onSelect, drawingRef, tools }: CompareLadderProps) {
  const { preferences } = useReadyBench();
  const { inUse } = comparison;
  const typed = useTypedGears(comparison);
  const { preferredRpm } = inUse.brief;
  const contradicted = inUse.contradictions.length > 0;
  const { speedUnit, stepReading } = preferences;
  const lanes = useMemo(
    () =>
      typed.map((one) => ({
        ...one,
        coverage: contradicted ? undefined : one.coverage,
        cadenceRpm: preferredRpm,
      })),
    [typed, contradicted, preferredRpm],
  );
  const upperTitle = WORDS.compareLadder.speedAtPreferredRpmSpeedUnit(
    short(preferredRpm, 1),
    SPEED_UNIT_TEXT[speedUnit],
  );
  return (
    <>
      <div className={styles.ladderHead}>
        <b>{upperTitle}</b>
        <span className={styles.legend}>
          {WORDS.compareLadder.betweenRungsReadingValueBars(
            READING_TEXT[stepReading],
            stepReading === 'logStep' ? '' : ', %',
          )}{' '}
          {tools}
        </span>
      </div>
      <Ladder
        lanes={lanes}
        upper={{ title: upperTitle, perMetre: speedIn(speedUnit, 1) / developmentForM(1, preferredRpm) }}
        lower={{ title: WORDS.compareLadder.developmentM, perMetre: 1 }}
        reading={stepReading}
        speedUnit={speedUnit}
        selected={selected}
        onSelect={onSelect}
        {...(drawingRef ? { drawingRef } : {})}
      />
      <p className={styles.axisTitle}>{WORDS.compareLadder.developmentM}</p>
      <Numbers of={WORDS.compareLadder.ladderOfGears} table={() => ladderNumbers(lanes, stepReading, speedUnit)} />
    </>
  );
}
