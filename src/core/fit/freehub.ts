import { allDigits, fixed } from '../number-text';
import { checkData, mmDatum, teethDatum, type DatumProblem, type DatumRule } from './datum';
import type { DriveParts } from './drive-parts';
import { sameName } from './indexing';
import { answered, notKnown, type Check } from './verdict';

/** What is known of a wheel's freehub body. Absent where it is not known. */
export interface Freehub {
  /** The family of its splines, as people call it. */
  readonly spline?: string | undefined;
  /** From the shoulder to the end that the lockring or the last cog stands on, mm. */
  readonly bodyLengthMm?: number | undefined;
  /** Smallest cog that fits over it. */
  readonly smallestCogT?: number | undefined;
}

/** How each number of it is named, and what it can be. */
export const FREEHUB_DATA: Readonly<Record<'bodyLengthMm' | 'smallestCogT', DatumRule>> = {
  bodyLengthMm: mmDatum('freehub body', 10, 60),
  smallestCogT: teethDatum('smallest cog of the body', 9, 20),
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
    const missing = [
      ...(spline === undefined ? ['the freehub type of the wheel'] : []),
      ...(cassetteSpline === undefined ? ['the freehub type of the cassette'] : []),
    ].join(' and ');
    return notKnown('freehub', 'Cassette on the freehub body', missing);
  }
  if (!sameName(spline, cassetteSpline)) {
    return answered(
      'freehub',
      'cannotWork',
      `A cassette for “${cassetteSpline}” does not fit a freehub body with “${spline}”.`,
      { fixes: [{ text: `a freehub body with “${cassetteSpline}”` }, { text: `a cassette for “${spline}”` }] },
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
      `A ${smallestCog}T cog does not fit this freehub body: the smallest cog that fits is ${smallestCogT}T.`,
      { ...numbers, fixes: [{ text: `a cassette from ${smallestCogT}T` }, { text: 'another freehub body' }] },
    );
  }
  return answered('freehub', 'inside', `Both have “${spline}”.`, numbers);
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
    const missing = [
      ...(bodyLengthMm === undefined ? ['the length of the freehub body'] : []),
      ...(cassetteLengthMm === undefined ? ['the stack length of the cassette'] : []),
    ].join(' and ');
    return notKnown('freehubLength', 'Spacer', missing, { unit: 'mm' });
  }
  const needed = spacerNeededMm(bodyLengthMm, cassetteLengthMm);
  const lengths = `Body ${allDigits(bodyLengthMm)} mm, cassette ${allDigits(cassetteLengthMm)} mm`;
  if (needed < 0) {
    const message = `${lengths}: ${fixed(-needed, 2)} mm too long; the lockring does not engage.`;
    const numbers = { required: cassetteLengthMm, limit: bodyLengthMm, margin: needed, unit: 'mm' } as const;
    return answered('freehubLength', 'cannotWork', message, {
      ...numbers,
      fixes: [{ text: `a freehub body of ${allDigits(cassetteLengthMm)} mm` }],
    });
  }
  const wanted = needed === 0 ? 'no spacer' : `a spacer of ${fixed(needed, 2)} mm behind the largest cog`;
  if (spacerMm === undefined) return answered('freehubLength', 'inside', `${lengths}: ${wanted}.`);
  const short = needed - spacerMm;
  const numbers = { required: needed, limit: spacerMm, margin: -short, unit: 'mm' } as const;
  if (Math.abs(short) <= SPACER_TOLERANCE_MM) {
    const message = `${lengths}: needs ${wanted}, and ${spacerMm === 0 ? 'none is fitted' : 'it is fitted'}.`;
    return answered('freehubLength', 'inside', message, { ...numbers, margin: 0 });
  }
  const fixes = [
    {
      text: needed === 0 ? 'no spacer' : `${fixed(needed, 2)} mm of spacers`,
      change: { parts: { ...parts, spacerMm: round2(needed) } },
    },
  ];
  const message =
    short > 0
      ? `${lengths}, spacers ${allDigits(spacerMm)} mm: ${fixed(short, 2)} mm too little; the cassette has play.`
      : `${lengths}, spacers ${allDigits(spacerMm)} mm: ${fixed(-short, 2)} mm too much; the lockring does not engage.`;
  return answered('freehubLength', 'outside', message, { ...numbers, margin: -Math.abs(short), fixes });
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
  const what = `Two-speed hub driven with ${ring}/${cog} = ${fixed(required, 2)} in the easiest gear. Its ratios need no extra chain: capacity counts rings and cogs only`;
  if (hubRatioMin === undefined) {
    return [notKnown('hubRatio', what, 'the published minimum ratio', { required, unit: ': 1' })];
  }
  const margin = required - hubRatioMin;
  const numbers = { required, limit: hubRatioMin, margin, unit: ': 1' } as const;
  if (margin >= 0) {
    return [answered('hubRatio', margin > 0 ? 'inside' : 'at', `${what}; the minimum is ${hubRatioMin}.`, numbers)];
  }
  const largest = Math.floor(ring / hubRatioMin);
  const smallest = Math.ceil(cog * hubRatioMin);
  const fixes = [{ text: `a largest cog of ${largest}T` }, { text: `a smallest ring of ${smallest}T` }];
  return [
    answered('hubRatio', 'outside', `${what}; the minimum is ${hubRatioMin}: the torque is too high for the hub.`, {
      ...numbers,
      fixes,
    }),
  ];
}
