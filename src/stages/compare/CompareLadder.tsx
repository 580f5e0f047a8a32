'use client';

import { useCallback, useMemo, type ReactNode, type Ref } from 'react';
import { developmentForM } from '../../core/ride';
import { useReadyBench, type Bench } from '../../kit/bench/BenchProvider';
import type { BriefInUse } from '../../kit/bench/useBrief';
import { READING_TEXT } from '../../kit/explain/gears';
import { short, speedIn, SPEED_UNIT_TEXT } from '../../kit/format';
import { pictureOf, type LadderAsked, type LadderFrame } from '../../kit/ladder/asked';
import { Ladder } from '../../kit/ladder/Ladder';
import { ladderNumbers } from '../../kit/ladder/ladder-numbers';
import type { PlacedGear } from '../../kit/ladder/layout';
import { Numbers } from '../../kit/numbers/Numbers';
import type { Preferences } from '../../records';
import { lanesAsked, type Comparison } from './useCompare';
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
  const { bench, preferences } = useReadyBench();
  const { speedUnit, stepReading } = preferences;
  const { inUse } = comparison;
  const askedOf = useCallback(
    (typed: Bench): LadderAsked => ({ lanes: lanesAsked(typed, inUse), chosen: selected }),
    [inUse, selected],
  );
  const asked = useMemo(() => askedOf(bench), [askedOf, bench]);
  const picture = useMemo(() => pictureOf(asked, ladderFrame(inUse, preferences)), [asked, inUse, preferences]);
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
        asked={asked}
        askedOf={askedOf}
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

/** The axes of the ladder. */
function ladderFrame({ brief }: BriefInUse, { speedUnit, stepReading }: Preferences): LadderFrame {
  const { preferredRpm } = brief;
  return {
    upper: {
      title: WORDS.compareLadder.speedAtPreferredRpmSpeedUnit(short(preferredRpm, 1), SPEED_UNIT_TEXT[speedUnit]),
      perMetre: speedIn(speedUnit, 1) / developmentForM(1, preferredRpm),
    },
    lower: { title: WORDS.compareLadder.developmentM, perMetre: 1 },
    reading: stepReading,
    speedUnit,
  };
}
