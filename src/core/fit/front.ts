import type { Setup } from '../gears';
import { fixed } from '../number-text';
import { PITCH_MM } from './chain';
import type { DriveParts } from './drive-parts';
import type { RearDerailleur } from './rear-derailleur';
import { answered, checkTeeth, notKnown, type Check } from './verdict';

/** How much a ring's radius grows with a tooth, mm: a pitch of circumference. */
export const MM_PER_TOOTH = PITCH_MM / (2 * Math.PI);

/** How far a front derailleur goes up for another big ring, mm; below 0 down. */
export function frontHeightChangeMm(bigRingBefore: number, bigRingAfter: number): number {
  return (bigRingAfter - bigRingBefore) * MM_PER_TOOTH;
}

/** The rings' difference against what the front derailleur takes; nothing to check on one ring. */
export function checkRingDifference(setup: Setup, { ringDifferenceMaxT }: RearDerailleur): Check {
  const [big, small] = [Math.max(...setup.chainrings), Math.min(...setup.chainrings)];
  const required = big - small;
  if (setup.chainrings.length === 1) {
    return answered('ringDifference', 'inside', '1x: no front derailleur.', {
      required,
      limit: ringDifferenceMaxT,
      unit: 'T',
    });
  }
  return checkTeeth('ringDifference', required, ringDifferenceMaxT, 'most', {
    what: `Rings ${required}T apart`,
    published: (limit) => `at most ${limit}T published`,
    missing: 'the published ring difference of the front derailleur',
    fixes: (limit) => [
      { text: `a ${big - limit}T small ring`, change: { chainrings: [big, big - limit] } },
      { text: `a front derailleur for ${required}T` },
    ],
  });
}

/**
 * The big ring against the rings that the front derailleur's cage is curved for, and how far it must be moved.
 * @param fittedBigRing of the setup on the bike now
 */
export function checkFrontCage(setup: Setup, parts: DriveParts, fittedBigRing: number | undefined): Check {
  const [big, small] = setup.chainrings;
  if (small === undefined) return answered('frontCage', 'inside', '1x: no front derailleur to adjust.');
  const { frontBigRingMinT: min, frontBigRingMaxT: max } = parts;
  const changeMm = frontHeightChangeMm(fittedBigRing ?? big!, big!);
  const height =
    changeMm === 0
      ? ''
      : ` Mount it ${fixed(Math.abs(changeMm), 1)} mm ${changeMm > 0 ? 'higher' : 'lower'} than for the ${fittedBigRing}T ring now on the bike.`;
  if (min === undefined && max === undefined) {
    const check = notKnown('frontCage', `Big ring ${big}T`, 'the big rings that the front derailleur suits', {
      required: big,
      unit: 'T',
    });
    return { ...check, message: `${check.message}${height}` };
  }
  const [toMax, toMin] = [max === undefined ? Infinity : max - big!, min === undefined ? Infinity : big! - min];
  const limit = toMax <= toMin ? max : min;
  const margin = Math.min(toMax, toMin);
  const verdict = margin > 0 ? 'inside' : margin === 0 ? 'at' : 'outside';
  const span =
    min !== undefined && max !== undefined
      ? `${min} to ${max}T`
      : max === undefined
        ? `${min}T or more`
        : `up to ${max}T`;
  const words = {
    inside: `its cage suits ${span}`,
    at: `at the limit of ${span}`,
    outside: `${-margin}T outside ${span}: the gap along the cage is uneven and shifting suffers`,
  }[verdict];
  return answered('frontCage', verdict, `Big ring ${big}T: ${words}.${height}`, {
    required: big,
    limit,
    margin,
    unit: 'T',
    fixes:
      verdict === 'outside'
        ? [
            ...(limit !== undefined && limit > small
              ? [{ text: `a ${limit}T big ring`, change: { chainrings: [limit, small] } }]
              : []),
            { text: `a front derailleur for ${big}T` },
          ]
        : [],
  });
}
