'use client';

import { useCallback, useMemo, type ReactNode, type Ref } from 'react';
import { developmentForM } from '../../core/ride';
import { useReadyBench, useTypedBench, type Bench } from '../../kit/bench/BenchProvider';
import type { BriefInUse } from '../../kit/bench/useBrief';
import { READING_TEXT } from '../../kit/explain/gears';
import { short, speedIn, SPEED_UNIT_TEXT } from '../../kit/format';
import { Ladder } from '../../kit/ladder/Ladder';
import type { LadderPicture } from '../../kit/ladder/scene';
import { ladderNumbers } from '../../kit/ladder/ladder-numbers';
import type { PlacedGear } from '../../kit/ladder/layout';
import { Numbers } from '../../kit/numbers/Numbers';
import type { Preferences } from '../../records';
import { typedGearsOf, type ComparedGears, type Comparison } from './useCompare';
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
  const { bench: kept, preferences } = useReadyBench();
  const { bench, version } = useTypedBench();
  const { speedUnit, stepReading } = preferences;
  const pictureOf = useCallback(
    (typed: Bench) =>
      ladderPicture(typedGearsOf(comparison, kept.setups, typed), comparison.inUse, preferences, selected),
    [comparison, kept.setups, preferences, selected],
  );
  const picture = useMemo(() => pictureOf(bench), [pictureOf, bench]);
  return (
    <>
      <div className={styles.ladderHead}>
        <b>{picture.upper.title}</b>
        <span className={styles.legend}>
          {WORDS.compareLadder.betweenRungsReadingValueBars(
            READING_TEXT[stepReading],
            stepReading === 'logStep' ? '' : ', %',
          )}{' '}
          {tools}
        </span>
      </div>
      <Ladder
        picture={picture}
        pictureOf={pictureOf}
        typedVersion={version}
        onSelect={onSelect}
        {...(drawingRef ? { drawingRef } : {})}
      />
      <p className={styles.axisTitle}>{WORDS.compareLadder.developmentM}</p>
      <Numbers
        of={WORDS.compareLadder.ladderOfGears}
        table={() => ladderNumbers(picture.lanes, stepReading, speedUnit)}
      />
    </>
  );
}

/** What the ladder of all setups is drawn from. */
function ladderPicture(
  gears: readonly ComparedGears[],
  { brief, contradictions }: BriefInUse,
  { speedUnit, stepReading }: Preferences,
  selected: LadderPicture['selected'],
): LadderPicture {
  const { preferredRpm } = brief;
  return {
    lanes: gears.map((one) => ({
      ...one,
      coverage: contradictions.length > 0 ? undefined : one.coverage,
      cadenceRpm: preferredRpm,
    })),
    upper: {
      title: WORDS.compareLadder.speedAtPreferredRpmSpeedUnit(short(preferredRpm, 1), SPEED_UNIT_TEXT[speedUnit]),
      perMetre: speedIn(speedUnit, 1) / developmentForM(1, preferredRpm),
    },
    lower: { title: WORDS.compareLadder.developmentM, perMetre: 1 },
    reading: stepReading,
    speedUnit,
    selected,
  };
}
