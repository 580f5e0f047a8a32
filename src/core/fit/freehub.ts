import { message } from '../message';
import { checkData, mmDatum, teethDatum, type DatumProblem, type DatumRule } from './datum';
import type { DriveParts } from './drive-parts';
import { sameName } from './indexing';
import { answered, notKnown, type Check } from './verdict';

/** Data of a wheel's freehub body; absent where unknown. */
export interface Freehub {
  /** The family of its splines, by its common name. */
  readonly spline?: string | undefined;
  /** From the shoulder to the end that carries the lockring or last cog, mm. */
  readonly bodyLengthMm?: number | undefined;
  /** Smallest cog that fits over it. */
  readonly smallestCogT?: number | undefined;
}

/** How each number of it is named, and what it can be. */
export const FREEHUB_DATA: Readonly<Record<'bodyLengthMm' | 'smallestCogT', DatumRule>> = {
  bodyLengthMm: mmDatum(message('datum.term.bodyLengthMm'), 10, 60),
  smallestCogT: teethDatum(message('datum.term.smallestCogT'), 9, 20),
};

/** Every number that is out of bounds. */
export function checkFreehubData(freehub: Freehub): DatumProblem<keyof typeof FREEHUB_DATA>[] {
  return checkData(FREEHUB_DATA, freehub);
}

/** Lengths that are closer than this are the same: lockrings and washers differ by as much, mm. */
const SPACER_TOLERANCE_MM = 0.15;

/** Whether the cassette slides on to the body. */
export function checkFreehub(smallestCog: number, freehub: Freehub, { cassetteSpline }: DriveParts): Check {
  const { spline, smallestCogT } = freehub;
  if (spline === undefined || cassetteSpline === undefined) {
    const which = cassetteSpline !== undefined ? 'wheel' : spline !== undefined ? 'cassette' : 'both';
    return notKnown('freehub', message('fit.freehub.what'), message('fit.freehub.missing', { which }));
  }
  if (!sameName(spline, cassetteSpline)) {
    return answered(
      'freehub',
      'cannotWork',
      message('fit.freehub.otherSpline', { cassette: cassetteSpline, body: spline }),
      {
        fixes: [
          { text: message('fit.freehub.fixBody', { spline: cassetteSpline }) },
          { text: message('fit.freehub.fixCassette', { spline }) },
        ],
      },
    );
  }
  const numbers =
    smallestCogT === undefined
      ? {}
      : ({ required: smallestCog, limit: smallestCogT, margin: smallestCog - smallestCogT, unit: 'T' } as const);
  if (smallestCogT !== undefined && smallestCog < smallestCogT) {
    return answered(
      'freehub',
      'cannotWork',
      message('fit.freehub.cogTooSmall', { cog: smallestCog, least: smallestCogT }),
      {
        ...numbers,
        fixes: [
          { text: message('fit.freehub.fixCog', { least: smallestCogT }) },
          { text: message('fit.freehub.fixOtherBody') },
        ],
      },
    );
  }
  return answered('freehub', 'inside', message('fit.freehub.same', { spline }), numbers);
}

/**
 * The spacer that goes behind a cassette: body length − what the cassette takes up, mm. Below 0 the
 * cassette is too long for the body.
 */
export function spacerNeededMm(bodyLengthMm: number, cassetteLengthMm: number): number {
  const spacerMm = bodyLengthMm - cassetteLengthMm;
  return Math.abs(spacerMm) <= SPACER_TOLERANCE_MM ? 0 : spacerMm;
}

/** The length of the body against what cassette and spacers take up. */
export function checkFreehubLength({ bodyLengthMm }: Freehub, parts: DriveParts): Check {
  const { cassetteLengthMm, spacerMm } = parts;
  if (bodyLengthMm === undefined || cassetteLengthMm === undefined) {
    const which = cassetteLengthMm !== undefined ? 'body' : bodyLengthMm !== undefined ? 'cassette' : 'both';
    const missing = message('fit.freehubLength.missing', { which });
    return notKnown('freehubLength', message('fit.freehubLength.what'), missing, { unit: 'mm' });
  }
  const needed = spacerNeededMm(bodyLengthMm, cassetteLengthMm);
  const lengths = { body: bodyLengthMm, cassette: cassetteLengthMm };
  if (needed < 0) {
    const numbers = { required: cassetteLengthMm, limit: bodyLengthMm, margin: needed, unit: 'mm' } as const;
    return answered(
      'freehubLength',
      'cannotWork',
      message('fit.freehubLength.tooLong', { ...lengths, over: -needed }),
      {
        ...numbers,
        fixes: [{ text: message('fit.freehubLength.fixBody', { length: cassetteLengthMm }) }],
      },
    );
  }
  if (spacerMm === undefined) {
    const text =
      needed === 0
        ? message('fit.freehubLength.noneNeeded', lengths)
        : message('fit.freehubLength.needed', { ...lengths, needed });
    return answered('freehubLength', 'inside', text);
  }
  const short = needed - spacerMm;
  const numbers = { required: needed, limit: spacerMm, margin: -short, unit: 'mm' } as const;
  if (Math.abs(short) <= SPACER_TOLERANCE_MM) {
    const text =
      needed > 0
        ? message('fit.freehubLength.neededFitted', { ...lengths, needed })
        : message(spacerMm === 0 ? 'fit.freehubLength.noneFitted' : 'fit.freehubLength.slightFitted', lengths);
    return answered('freehubLength', 'inside', text, { ...numbers, margin: 0 });
  }
  const fixes = [
    {
      text: needed === 0 ? message('fit.freehubLength.fixNone') : message('fit.freehubLength.fixSpacers', { needed }),
      change: { parts: { ...parts, spacerMm: round2(needed) } },
    },
  ];
  const text = message(short > 0 ? 'fit.freehubLength.tooLittle' : 'fit.freehubLength.tooMuch', {
    ...lengths,
    fitted: spacerMm,
    by: Math.abs(short),
  });
  return answered('freehubLength', 'outside', text, { ...numbers, margin: -Math.abs(short), fixes });
}

/** A spacer is bought to the hundredth of a millimetre, far inside what is forgiven. */
const round2 = (mm: number) => Math.round(mm * 100) / 100;

/** What a two-speed hub is driven with, against the least that its sheet allows: below it the torque is too high. */
export function checkHubRatio(
  {
    chainrings,
    cogs,
    hubStages,
  }: {
    readonly chainrings: readonly number[];
    readonly cogs: readonly number[];
    readonly hubStages: readonly number[];
  },
  { hubRatioMin }: DriveParts,
): Check[] {
  if (hubStages.length < 2) return [];
  const [ring, cog] = [Math.min(...chainrings), Math.max(...cogs)];
  const required = ring / cog;
  const what = message('fit.hubRatio.what', { ring, cog, ratio: required });
  if (hubRatioMin === undefined) {
    return [notKnown('hubRatio', what, message('fit.hubRatio.missing'), { required, unit: ': 1' })];
  }
  const margin = required - hubRatioMin;
  const numbers = { required, limit: hubRatioMin, margin, unit: ': 1' } as const;
  if (margin >= 0) {
    const text = message('fit.hubRatio.inside', { what, least: hubRatioMin });
    return [answered('hubRatio', margin > 0 ? 'inside' : 'at', text, numbers)];
  }
  const largest = Math.floor(ring / hubRatioMin);
  const smallest = Math.ceil(cog * hubRatioMin);
  const fixes = [
    { text: message('fit.hubRatio.fixCog', { teeth: largest }) },
    { text: message('fit.hubRatio.fixRing', { teeth: smallest }) },
  ];
  return [
    answered('hubRatio', 'outside', message('fit.hubRatio.below', { what, least: hubRatioMin }), {
      ...numbers,
      fixes,
    }),
  ];
}
