import {
  isMeasured,
  lowestTerms,
  wheelDiameterIn,
  wheelRadiusMm,
  type Gear,
  type GearReport,
  type Riding,
  type SizedGear,
  type Step,
  type StepReading,
  type Wheel,
} from '../../core/gears';
import { KM_PER_MILE, MM_PER_INCH } from '../../core/units';
import { allDigits, fixed, percentText, short, speedText, SPEED_UNIT_TEXT, type SpeedUnit } from '../format';
import { type Units } from '../measures';
import { DEFINITION, ISO_SIZES, type Explanation } from './explanation';

const LOADED_TYRE =
  'A loaded tyre rolls 1–3 % less than its nominal size suggests, so a measured rollout is used whenever there is one.';

/** What the working of a gear needs besides the gear. */
export interface GearContext {
  readonly riding: Riding;
  readonly wheel: Wheel;
  readonly speedUnit: SpeedUnit;
}

/** Ring and cog, with the hub's stage where it is not direct. */
export const gearName = ({ chainring, cog, hubStage = 1 }: Pick<Gear, 'chainring' | 'cog'> & Partial<Gear>) =>
  hubStage === 1 ? `${chainring}/${cog}` : `${chainring}/${cog} ×${hubStage}`;

/** Changes in size below this are none, as a share. */
const SAME_SIZE = 0.0005;

/** How another gear differs in size: "the same", "1.2 % harder". */
export const sizeChangeText = (change: number) =>
  Math.abs(change) < SAME_SIZE ? 'the same' : `${percentText(Math.abs(change))} ${change > 0 ? 'harder' : 'easier'}`;

/** The teeth as a quotient: 32 ÷ 36, times the stage where there is one. */
const teethOf = ({ chainring, cog, hubStage }: Gear) =>
  hubStage === 1 ? `${chainring} ÷ ${cog}` : `${chainring} ÷ ${cog} × ${hubStage}`;

export function explainRollout({ wheel, riding }: GearContext): Explanation {
  const result = `${fixed(riding.rolloutMm, 1)} mm`;
  if (isMeasured(wheel)) {
    return {
      title: `Rollout ${result}, measured`,
      formula: 'rollout = distance rolled ÷ wheel revolutions',
      worked: [`as entered: ${short(wheel.rolloutMm, 3)} mm`],
      source: 'Your own measurement; used instead of the nominal tyre size.',
    };
  }
  return {
    title: `Rollout ${result}, calculated`,
    formula: 'rollout = π × (bead seat diameter + 2 × tyre width)',
    worked: [`π × (${short(wheel.rimDiameterMm, 1)} + 2 × ${short(wheel.tyreWidthMm, 1)}) mm = ${result}`],
    source: ISO_SIZES,
    note: LOADED_TYRE,
  };
}

export function explainRatio(gear: SizedGear): Explanation {
  const [ring, cog] = lowestTerms(gear);
  const reduced = ring === gear.chainring || gear.hubStage !== 1 ? '' : ` = ${ring} ÷ ${cog}`;
  return {
    title: `Ratio of ${gearName(gear)}: ${fixed(gear.ratio, 3)}`,
    formula: 'ratio = chainring ÷ cog: wheel turns per crank turn',
    worked: [
      `${teethOf(gear)}${reduced} = ${fixed(gear.ratio, 3)}`,
      ...(gear.twin
        ? [
            `the same as ${gearName(gear.twin)}: ${gear.chainring} × ${gear.twin.cog} = ${gear.twin.chainring} × ${gear.cog}`,
          ]
        : []),
    ],
    source: DEFINITION,
  };
}

export function explainGearInches(
  gear: SizedGear,
  school: 'ownWheel' | 'nominal27',
  { riding }: GearContext,
): Explanation {
  const inches = school === 'ownWheel' ? gear.gearInchesOwnWheel : gear.gearInchesNominal27;
  const diameter = fixed(wheelDiameterIn(riding.rolloutMm, school), 2);
  return {
    title: `Gear inches of ${gearName(gear)}: ${fixed(inches, 1)} in`,
    formula: 'gear inches = ratio × wheel diameter',
    worked: [
      school === 'ownWheel'
        ? `diameter = ${fixed(riding.rolloutMm, 1)} mm ÷ π ÷ ${allDigits(MM_PER_INCH)} = ${diameter} in`
        : 'diameter = 27 in, whatever the wheel',
      `${teethOf(gear)} × ${diameter} in = ${fixed(inches, 1)} in`,
    ],
    source: DEFINITION,
    note:
      school === 'ownWheel'
        ? 'Older tables assume a 27 in wheel; do not mix the two.'
        : 'As in older tables. With this bike’s actual wheel the figure differs.',
  };
}

export function explainDevelopment(gear: SizedGear, { riding }: GearContext): Explanation {
  return {
    title: `Development of ${gearName(gear)}: ${fixed(gear.developmentM, 3)} m`,
    formula: 'development = ratio × rollout: metres per crank turn',
    worked: [`${teethOf(gear)} × ${fixed(riding.rolloutMm / 1000, 4)} m = ${fixed(gear.developmentM, 3)} m`],
    source: DEFINITION,
  };
}

export function explainGainRatio(gear: SizedGear, { riding }: GearContext): Explanation {
  const formula = 'gain ratio = ratio × wheel radius ÷ crank length';
  const source = 'By definition: distance the bike travels ÷ distance the pedal travels, so crank length counts.';
  if (gear.gainRatio === undefined || riding.crankLengthMm === undefined) {
    return {
      title: `Gain ratio of ${gearName(gear)}: no data`,
      formula,
      worked: ['the crank length is missing: enter it above'],
      source,
    };
  }
  const radius = fixed(wheelRadiusMm(riding.rolloutMm), 1);
  return {
    title: `Gain ratio of ${gearName(gear)}: ${fixed(gear.gainRatio, 3)}`,
    formula,
    worked: [
      `wheel radius = ${fixed(riding.rolloutMm, 1)} mm ÷ 2π = ${radius} mm`,
      `${teethOf(gear)} × ${radius} ÷ ${short(riding.crankLengthMm, 1)} = ${fixed(gear.gainRatio, 3)}`,
    ],
    source,
  };
}

export function explainSpeed(gear: SizedGear, { riding, speedUnit }: GearContext): Explanation {
  const rpm = short(riding.cadenceRpm, 1);
  const inMiles = speedUnit === 'mph' ? [`÷ ${allDigits(KM_PER_MILE)} = ${speedText('mph', gear.speedKmh)}`] : [];
  return {
    title: `Speed in ${gearName(gear)} at ${rpm} rpm: ${speedText(speedUnit, gear.speedKmh)}`,
    formula: `speed = development × cadence × 60 ÷ 1000, in km/h${speedUnit === 'mph' ? `, over ${allDigits(KM_PER_MILE)} in ${SPEED_UNIT_TEXT.mph}` : ''}`,
    worked: [`${fixed(gear.developmentM, 3)} m × ${rpm} × 60 ÷ 1000 = ${speedText('kmh', gear.speedKmh)}`, ...inMiles],
    source: DEFINITION,
  };
}

export function explainRange({ range }: GearReport): Explanation {
  const { easiest, hardest, quotient } = range;
  return {
    title: `Range ${percentText(quotient)}`,
    formula: 'range = hardest ratio ÷ easiest ratio',
    worked: [`(${teethOf(hardest)}) ÷ (${teethOf(easiest)}) = ${fixed(quotient, 3)} = ${percentText(quotient)}`],
    source: DEFINITION,
    note: 'Wheel size does not matter: it scales every gear equally.',
  };
}

export function explainDistinct({ gears, distinct, path }: GearReport, { riding }: GearContext): Explanation {
  const t = short(riding.closenessPercent, 2);
  return {
    title: `${distinct.length} distinct gears of ${gears.length} at ${t} %`,
    formula:
      'start with the easiest gear; count each next gear that is at least (1 + minimum difference) × the last one counted',
    worked: [distinct.map(gearName).join(', ')],
    source: 'The largest set of gears in which any two differ by at least the minimum difference.',
    note: `The count depends on the minimum difference (see the curve). Counting only the gears in the shift sequence gives ${path.gears.length}.`,
  };
}

export function explainOverlap({ overlap, setup, range }: GearReport): Explanation {
  const [big = 0, small = 0] = setup.chainrings;
  const formula = 'overlap = ln(small ring’s hardest ÷ big ring’s easiest) ÷ ln(range)';
  const source =
    'Shared part of both rings’ ratios, as a share of the whole range on a log scale, where equal steps are equally long.';
  if (!overlap) return { title: 'Ring overlap: 1x', formula, worked: ['a single ring has no overlap'], source };
  const least = setup.cogs[0]!;
  const most = setup.cogs.at(-1)!;
  return {
    title: `Ring overlap ${percentText(overlap.share)}`,
    formula,
    worked: [
      `small ring’s hardest: ${small} ÷ ${least} = ${fixed(overlap.toRatio, 3)}`,
      `big ring’s easiest: ${big} ÷ ${most} = ${fixed(overlap.fromRatio, 3)}`,
      overlap.share > 0
        ? `ln(${fixed(overlap.toRatio, 3)} ÷ ${fixed(overlap.fromRatio, 3)}) ÷ ln(${fixed(range.quotient, 3)}) = ${percentText(overlap.share)}`
        : 'the small ring’s hardest gear is below the big ring’s easiest: no overlap',
    ],
    source,
  };
}

export const READING_TEXT: Readonly<Record<StepReading, string>> = {
  speedStep: 'speed step',
  cadenceDrop: 'cadence drop',
  logStep: 'log step',
};

/** A step in one reading; the log step as a plain number, for it is what adds up. */
export function stepText(step: Pick<Step, StepReading>, reading: StepReading): string {
  return reading === 'logStep' ? fixed(step.logStep, 3) : percentText(step[reading]);
}

const READING_FORMULA: Readonly<Record<StepReading, string>> = {
  speedStep: 'speed step = harder ÷ easier − 1',
  cadenceDrop: 'cadence drop = 1 − easier ÷ harder',
  logStep: 'log step = ln(harder ÷ easier)',
};

const READING_NOTE: Readonly<Record<StepReading, string>> = {
  speedStep:
    'How much faster you go at the same cadence; also how much your cadence rises when you shift to the easier gear at the same speed.',
  cadenceDrop: 'How much your cadence falls when you shift to the harder gear at the same speed.',
  logStep: 'The only form that adds up over several shifts.',
};

export function explainStep({ from, to, ...step }: Step, reading: StepReading): Explanation {
  const harder = teethOf(to);
  const easier = teethOf(from);
  const result = stepText(step, reading);
  const worked = {
    speedStep: `(${harder}) ÷ (${easier}) − 1 = ${result}`,
    cadenceDrop: `1 − (${easier}) ÷ (${harder}) = ${result}`,
    logStep: `ln((${harder}) ÷ (${easier})) = ${result}`,
  }[reading];
  return {
    title: `${gearName(from)} → ${gearName(to)}: ${READING_TEXT[reading]} ${result}`,
    formula: READING_FORMULA[reading],
    worked: [worked],
    source: 'From exact tooth counts, not from rounded ratios or speeds.',
    note: READING_NOTE[reading],
  };
}

export function explainMeanStep(
  count: number,
  totalLogStep: number,
  reading: StepReading,
  result: string,
): Explanation {
  const mean = totalLogStep / count;
  const last = {
    speedStep: [`e^${fixed(mean, 4)} − 1 = ${result}`],
    cadenceDrop: [`1 − e^−${fixed(mean, 4)} = ${result}`],
    logStep: [],
  }[reading];
  return {
    title: `Mean ${READING_TEXT[reading]} ${result}`,
    formula: 'geometric mean: the equal step that would cover the same range in the same number of shifts',
    worked: [`${fixed(totalLogStep, 4)} in log steps ÷ ${count} = ${fixed(mean, 4)}`, ...last],
    source: 'Geometric mean (log steps can be averaged directly; percentages cannot).',
  };
}

/** Explains the size of a gear as this person reads it. */
export function explainSize(gear: SizedGear, context: GearContext, { gearSize }: Units): Explanation {
  switch (gearSize.kind) {
    case 'gearInchesOwn':
      return explainGearInches(gear, 'ownWheel', context);
    case 'gearInches27':
      return explainGearInches(gear, 'nominal27', context);
    case 'gainRatio':
      return explainGainRatio(gear, context);
    case 'development':
      return explainDevelopment(gear, context);
  }
}
