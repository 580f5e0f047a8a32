'use client';

import { useCallback, useMemo, useRef, type RefObject } from 'react';
import { lowestTerms, type SizedGear, type StepReading } from '../../core/gears';
import { useReadyBench, type Bench } from '../../kit/bench/BenchProvider';
import {
  explainDevelopment,
  explainGainRatio,
  explainGearInches,
  explainRatio,
  explainSpeed,
  gearName,
  READING_TEXT,
} from '../../kit/explain/gears';
import { Explained } from '../../kit/explain/Slip';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { fixed, short, speedText, SPEED_UNIT_TEXT } from '../../kit/format';
import type { LadderAsked, LadderFrame } from '../../kit/ladder/asked';
import { Ladder } from '../../kit/ladder/Ladder';
import type { PlacedGear } from '../../kit/ladder/layout';
import type { LadderPicture } from '../../kit/ladder/scene';
import type { Preferences } from '../../records';
import { gearOrFirst, quantityChoice, quantityView } from './quantity';
import { laneAsked, type Gears } from './useGears';
import styles from './Gears.module.css';
import { WORDS } from './words/text';

interface LadderPanelProps {
  readonly gears: Gears;
  readonly selectedKey: string | undefined;
  readonly onSelect: (gear: SizedGear) => void;
}

/** The ladder with its legend, and the chosen gear read out in full. */
export function LadderPanel({ gears, selectedKey, onSelect }: LadderPanelProps) {
  const { bench, preferences } = useReadyBench();
  const drawing = useRef<SVGSVGElement>(null);
  const { report, coverage, context, inUse } = gears;
  const selected = gearOrFirst(report.gears, selectedKey);
  const { place } = bench;
  const askedOf = useCallback(
    (typed: Bench): LadderAsked => ({ lanes: [laneAsked(typed, inUse)], chosen: { place, key: selectedKey } }),
    [inUse, place, selectedKey],
  );
  const asked = useMemo(() => askedOf(bench), [askedOf, bench]);
  const { cadenceRpm } = context.riding;
  const picture = useMemo((): LadderPicture => {
    const lanes = [{ place, title: '', report, coverage, cadenceRpm }];
    return { ...ladderFrame(selected, cadenceRpm, preferences), lanes, selected: { place, key: selected.key } };
  }, [place, report, coverage, cadenceRpm, selected, preferences]);
  const select = useCallback(({ gear }: PlacedGear) => onSelect(gear), [onSelect]);
  return (
    <section className={styles.panel} aria-label={WORDS.ladderPanel.ladder}>
      <LadderHead
        title={picture.upper.title}
        reading={preferences.stepReading}
        hasTwoRings={report.setup.chainrings.length > 1}
        hasBand={coverage !== undefined}
        name={bench.bike.name}
        drawing={drawing}
      />
      <Ladder picture={picture} asked={asked} askedOf={askedOf} onSelect={select} drawingRef={drawing} />
      <div className={styles.ladderFoot}>
        <Readout gears={gears} gear={selected} />
        <b>{picture.lower.title}</b>
      </div>
    </section>
  );
}

/** The axes of the ladder, by any gear of it. */
function ladderFrame(gear: SizedGear, cadenceRpm: number, preferences: Preferences): LadderFrame {
  const { speedUnit, stepReading } = preferences;
  const speed = quantityView(speedUnit === 'mph' ? 'speedMph' : 'speedKmh');
  const view = quantityView(quantityChoice(preferences));
  // Both axes must differ; and an axis needs a figure for a metre, which gain ratio lacks without a crank.
  const shown = view.id === speed.id || view.perMetre(gear) === undefined ? quantityView('development') : view;
  const upperTitle = WORDS.ladderPanel.speedAtRpmSpeedUnit(short(cadenceRpm, 1), SPEED_UNIT_TEXT[speedUnit]);
  return {
    upper: { title: upperTitle, perMetre: speed.perMetre(gear)! },
    lower: { title: shown.title, perMetre: shown.perMetre(gear)! },
    reading: stepReading,
    speedUnit,
  };
}

interface LadderHeadProps {
  readonly title: string;
  readonly reading: StepReading;
  readonly hasTwoRings: boolean;
  readonly hasBand: boolean;
  readonly name: string;
  readonly drawing: RefObject<SVGSVGElement | null>;
}

/** What the drawing shows; it hangs on no tooth. */
function LadderHead({ title, reading, hasTwoRings, hasBand, name, drawing }: LadderHeadProps) {
  return (
    <div className={styles.ladderHead}>
      <b>{title}</b>
      <span className={styles.legend}>
        {WORDS.ladderPanel.betweenRungsReadingValue(READING_TEXT[reading], reading === 'logStep' ? '' : ', %')}
        {hasTwoRings && (
          <>
            <i className={styles.legendHollow} /> {WORDS.ladderPanel.crossChained}{' '}
            <i className={styles.legendTwin}>=</i> {WORDS.ladderPanel.exactTwins}
          </>
        )}
        {hasBand && (
          <>
            <i className={styles.legendHole} /> {WORDS.ladderPanel.noGearInYourBand}
          </>
        )}
        <SavePicture name={WORDS.ladderPanel.nameLadder(name)} picture={() => svgPicture(drawing.current)} />
      </span>
    </div>
  );
}

function Readout({ gears, gear }: { gears: Gears; gear: SizedGear }) {
  const { context } = gears;
  const [ring, cog] = lowestTerms(gear);
  const reduced = ring === gear.chainring ? '' : ` = ${ring}:${cog}`;
  return (
    <p className={styles.readout} data-testid="readout">
      <b>
        {gearName(gear)}
        {reduced}
      </b>
      <Explained explain={() => explainRatio(gear)}>{WORDS.ladderPanel.ratio(fixed(gear.ratio, 3))}</Explained>
      <Explained explain={() => explainGearInches(gear, 'ownWheel', context)}>
        {WORDS.ladderPanel.gearInchesOwnWheelIn(fixed(gear.gearInchesOwnWheel, 1))}
      </Explained>
      <Explained explain={() => explainDevelopment(gear, context)}>{fixed(gear.developmentM, 3)} m</Explained>
      {gear.gainRatio !== undefined && (
        <Explained explain={() => explainGainRatio(gear, context)}>
          {WORDS.ladderPanel.gainGainRatio(fixed(gear.gainRatio, 2))}
        </Explained>
      )}
      <Explained explain={() => explainSpeed(gear, context)}>
        {WORDS.ladderPanel.speedKmhAtCadenceRpm(
          speedText(context.speedUnit, gear.speedKmh),
          short(context.riding.cadenceRpm, 1),
        )}
      </Explained>
      {gear.twin && <span>{WORDS.ladderPanel.sameAsGearName(gearName(gear.twin))}</span>}
      {gear.crossChained && <span>{WORDS.ladderPanel.crossChained}</span>}
    </p>
  );
}
