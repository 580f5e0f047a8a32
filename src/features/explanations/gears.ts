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
import { allDigits, fixed, percentText, short } from '../../ui/format';
import { speedText, SPEED_UNIT_TEXT, type SpeedUnit } from '../units/speed';
import { type Units } from '../units/measures';
import { DEFINITION, ISO_SIZES, type Explanation } from './explanation';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

const LOADED_TYRE = t('gears.loadedTyre.aLoadedTyreRolls13Less');

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

/** How another gear differs in size: "the same", "1.2% harder". */
export const sizeChangeText = (change: number) =>
  Math.abs(change) < SAME_SIZE
    ? t('gears.sizeChangeText.theSame')
    : t('gears.sizeChangeText.change2', { change: percentText(Math.abs(change)), change2: change > 0 ? 'yes' : 'no' });

/** The teeth as a quotient: 32 ÷ 36, times the stage where there is one. */
const teethOf = ({ chainring, cog, hubStage }: Gear) =>
  hubStage === 1 ? `${chainring} ÷ ${cog}` : `${chainring} ÷ ${cog} × ${hubStage}`;

export function explainRollout({ wheel, riding }: GearContext): Explanation {
  const result = `${fixed(riding.rolloutMm, 1)} mm`;
  if (isMeasured(wheel)) {
    return {
      title: t('gears.explainRollout.title', { result }),
      formula: t('gears.explainRollout.formula'),
      worked: [t('gears.explainRollout.worked.asEnteredMm', { rolloutMm: short(wheel.rolloutMm, 3) })],
      source: t('gears.explainRollout.source'),
    };
  }
  return {
    title: t('gears.explainRollout.titleWords.rolloutCalculated2', { result }),
    formula: t('gears.explainRollout.formulaWords.rolloutBeadSeatDiameter2'),
    worked: [`π × (${short(wheel.rimDiameterMm, 1)} + 2 × ${short(wheel.tyreWidthMm, 1)}) mm = ${result}`],
    source: ISO_SIZES,
    note: LOADED_TYRE,
  };
}

export function explainRatio(gear: SizedGear): Explanation {
  const [ring, cog] = lowestTerms(gear);
  const reduced = ring === gear.chainring || gear.hubStage !== 1 ? '' : ` = ${ring} ÷ ${cog}`;
  return {
    title: t('gears.explainRatio.title', { gear: gearName(gear), ratio: fixed(gear.ratio, 3) }),
    formula: t('gears.explainRatio.formula'),
    worked: [
      `${teethOf(gear)}${reduced} = ${fixed(gear.ratio, 3)}`,
      ...(gear.duplicate
        ? [
            t('gears.explainRatio.worked.theSameAs', {
              duplicate: gearName(gear.duplicate),
              chainring: gear.chainring,
              cog: gear.duplicate.cog,
              chainring2: gear.duplicate.chainring,
              cog2: gear.cog,
            }),
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
    title: t('gears.explainGearInches.title', { gear: gearName(gear), inches: fixed(inches, 1) }),
    formula: t('gears.explainGearInches.formula'),
    worked: [
      school === 'ownWheel'
        ? t('gears.explainGearInches.worked.diameterMmIn', {
            rolloutMm: fixed(riding.rolloutMm, 1),
            mmperinch: allDigits(MM_PER_INCH),
            diameter,
          })
        : t('gears.explainGearInches.worked.diameter27InWhateverTheWheel'),
      `${teethOf(gear)} × ${diameter} in = ${fixed(inches, 1)} in`,
    ],
    source: DEFINITION,
    note:
      school === 'ownWheel'
        ? t('gears.explainGearInches.note.olderTablesAssumeA27In')
        : t('gears.explainGearInches.note.asInOlderTablesWith'),
  };
}

export function explainDevelopment(gear: SizedGear, { riding }: GearContext): Explanation {
  return {
    title: t('gears.explainDevelopment.title', { gear: gearName(gear), developmentM: fixed(gear.developmentM, 3) }),
    formula: t('gears.explainDevelopment.formula'),
    worked: [`${teethOf(gear)} × ${fixed(riding.rolloutMm / 1000, 4)} m = ${fixed(gear.developmentM, 3)} m`],
    source: DEFINITION,
  };
}

export function explainGainRatio(gear: SizedGear, { riding }: GearContext): Explanation {
  const formula = t('gears.explainGainRatio.gainRatioRatioWheelRadius');
  const source = t('gears.explainGainRatio.byDefinitionDistanceTheBike');
  if (gear.gainRatio === undefined || riding.crankLengthMm === undefined) {
    return {
      title: t('gears.explainGainRatio.title', { gear: gearName(gear) }),
      formula,
      worked: [t('gears.explainGainRatio.worked.theCrankLengthIsMissing')],
      source,
    };
  }
  const radius = fixed(wheelRadiusMm(riding.rolloutMm), 1);
  return {
    title: t('gears.explainGainRatio.titleWords.gainRatioOf2', {
      gear: gearName(gear),
      gainRatio: fixed(gear.gainRatio, 3),
    }),
    formula,
    worked: [
      t('gears.explainGainRatio.worked.wheelRadiusMm2Mm', { rolloutMm: fixed(riding.rolloutMm, 1), radius }),
      `${teethOf(gear)} × ${radius} ÷ ${short(riding.crankLengthMm, 1)} = ${fixed(gear.gainRatio, 3)}`,
    ],
    source,
  };
}

export function explainSpeed(gear: SizedGear, { riding, speedUnit }: GearContext): Explanation {
  const rpm = short(riding.cadenceRpm, 1);
  const inMiles = speedUnit === 'mph' ? [`÷ ${allDigits(KM_PER_MILE)} = ${speedText('mph', gear.speedKmh)}`] : [];
  return {
    title: t('gears.explainSpeed.title', { gear: gearName(gear), rpm, speedUnit: speedText(speedUnit, gear.speedKmh) }),
    formula: t('gears.explainSpeed.formula', {
      speedUnit: speedUnit === 'mph' ? 'yes' : 'no',
      kmpermile: speedUnit === 'mph' ? allDigits(KM_PER_MILE) : '',
      mph: speedUnit === 'mph' ? SPEED_UNIT_TEXT.mph : '',
    }),
    worked: [`${fixed(gear.developmentM, 3)} m × ${rpm} × 60 ÷ 1000 = ${speedText('kmh', gear.speedKmh)}`, ...inMiles],
    source: DEFINITION,
  };
}

export function explainRange({ range }: GearReport): Explanation {
  const { easiest, hardest, quotient } = range;
  return {
    title: t('gears.explainRange.title', { quotient: percentText(quotient) }),
    formula: t('gears.explainRange.formula'),
    worked: [`(${teethOf(hardest)}) ÷ (${teethOf(easiest)}) = ${fixed(quotient, 3)} = ${percentText(quotient)}`],
    source: DEFINITION,
    note: t('gears.explainRange.note'),
  };
}

export function explainDistinct({ gears, distinct, path }: GearReport, { riding }: GearContext): Explanation {
  const closenessPercent = short(riding.closenessPercent, 2);
  return {
    title: t('gears.explainDistinct.title', {
      distinctCount: distinct.length,
      gearsCount: gears.length,
      closenessPercent,
    }),
    formula: t('gears.explainDistinct.formula'),
    worked: [distinct.map(gearName).join(', ')],
    source: t('gears.explainDistinct.source'),
    note: t('gears.explainDistinct.note', { gearsCount: path.gears.length }),
  };
}

export function explainOverlap({ overlap, setup, range }: GearReport): Explanation {
  const [big = 0, small = 0] = setup.chainrings;
  const formula = t('gears.explainOverlap.overlapLnSmallRingS');
  const source = t('gears.explainOverlap.sharedPartOfBothRings');
  if (!overlap)
    return {
      title: t('gears.explainOverlap.title'),
      formula,
      worked: [t('gears.explainOverlap.worked.aSingleRingHasNo')],
      source,
    };
  const least = firstOf(setup.cogs);
  const most = lastOf(setup.cogs);
  return {
    title: t('gears.explainOverlap.titleWords.ringOverlap2', { share: percentText(overlap.share) }),
    formula,
    worked: [
      t('gears.explainOverlap.worked.smallRingSHardest', { small, least, toRatio: fixed(overlap.toRatio, 3) }),
      t('gears.explainOverlap.worked.bigRingSEasiest', { big, most, fromRatio: fixed(overlap.fromRatio, 3) }),
      overlap.share > 0
        ? t('gears.explainOverlap.worked.lnLn', {
            toRatio: fixed(overlap.toRatio, 3),
            fromRatio: fixed(overlap.fromRatio, 3),
            quotient: fixed(range.quotient, 3),
            share: percentText(overlap.share),
          })
        : t('gears.explainOverlap.worked.theSmallRingSHardest'),
    ],
    source,
  };
}

export const READING_TEXT: Readonly<Record<StepReading, string>> = {
  speedStep: t('gears.readingText.speedStep'),
  cadenceDrop: t('gears.readingText.cadenceDrop'),
  logStep: t('gears.readingText.logStep'),
};

/** A step in one reading; the log step as a plain number, for it is what adds up. */
export function stepText(step: Pick<Step, StepReading>, reading: StepReading): string {
  return reading === 'logStep' ? fixed(step.logStep, 3) : percentText(step[reading]);
}

const READING_FORMULA: Readonly<Record<StepReading, string>> = {
  speedStep: t('gears.readingFormula.speedStep'),
  cadenceDrop: t('gears.readingFormula.cadenceDrop'),
  logStep: t('gears.readingFormula.logStep'),
};

const READING_NOTE: Readonly<Record<StepReading, string>> = {
  speedStep: t('gears.readingNote.speedStep'),
  cadenceDrop: t('gears.readingNote.cadenceDrop'),
  logStep: t('gears.readingNote.logStep'),
};

export function explainStep({ from, to, ...step }: Step, reading: StepReading): Explanation {
  const harder = teethOf(to);
  const easier = teethOf(from);
  const result = stepText(step, reading);
  const worked = {
    speedStep: `(${harder}) ÷ (${easier}) − 1 = ${result}`,
    cadenceDrop: `1 − (${easier}) ÷ (${harder}) = ${result}`,
    logStep: t('gears.explainStep.logStep', { harder, easier, result }),
  }[reading];
  return {
    title: `${gearName(from)} → ${gearName(to)}: ${READING_TEXT[reading]} ${result}`,
    formula: READING_FORMULA[reading],
    worked: [worked],
    source: t('gears.explainStep.source'),
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
    title: t('gears.explainMeanStep.title', { reading: READING_TEXT[reading], result }),
    formula: t('gears.explainMeanStep.formula'),
    worked: [
      t('gears.explainMeanStep.worked.inLogSteps', {
        totalLogStep: fixed(totalLogStep, 4),
        count,
        mean: fixed(mean, 4),
      }),
      ...last,
    ],
    source: t('gears.explainMeanStep.source'),
  };
}

/** Explains the size of a gear in the user's unit. */
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
