import type { Setup } from '../gears';
import { message, type Message } from '../message';
import { PITCH_MM } from './chain';
import type { DriveParts } from './drive-parts';
import type { RearDerailleur } from './rear-derailleur';
import { answered, checkTeeth, notKnown, type Check } from './verdict';
import { definite } from '../items';

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
    return answered('ringDifference', 'inside', message('fit.ringDifference.oneRing'), {
      required,
      limit: ringDifferenceMaxT,
      unit: 'T',
    });
  }
  return checkTeeth('ringDifference', required, ringDifferenceMaxT, 'most', {
    what: message('fit.ringDifference.what', { teeth: required }),
    published: (limit) => message('fit.published.most', { limit }),
    missing: message('fit.ringDifference.missing'),
    fixes: (limit) => [
      {
        text: message('fit.ringDifference.fixRing', { teeth: big - limit }),
        change: { chainrings: [big, big - limit] },
      },
      { text: message('fit.ringDifference.fixDerailleur', { teeth: required }) },
    ],
  });
}

/**
 * The big ring against the rings that the front derailleur's cage is curved for, and how far it must be moved.
 * @param fittedBigRing of the setup on the bike now
 */
export function checkFrontCage(setup: Setup, parts: DriveParts, fittedBigRing: number | undefined): Check {
  const [big, small] = setup.chainrings;
  if (small === undefined) return answered('frontCage', 'inside', message('fit.frontCage.oneRing'));
  const { frontBigRingMinT: min, frontBigRingMaxT: max } = parts;
  const changeMm = frontHeightChangeMm(fittedBigRing ?? definite(big), definite(big));
  const withHeight = (verdict: Message) =>
    changeMm === 0
      ? verdict
      : message('fit.frontCage.withHeight', {
          verdict,
          height: message(changeMm > 0 ? 'fit.frontCage.higher' : 'fit.frontCage.lower', {
            by: Math.abs(changeMm),
            ring: definite(fittedBigRing),
          }),
        });
  if (min === undefined && max === undefined) {
    const what = message('fit.frontCage.what', { teeth: definite(big) });
    const check = notKnown('frontCage', what, message('fit.frontCage.missing'), { required: big, unit: 'T' });
    return { ...check, message: withHeight(check.message) };
  }
  const [toMax, toMin] = [
    max === undefined ? Infinity : max - definite(big),
    min === undefined ? Infinity : definite(big) - min,
  ];
  const limit = toMax <= toMin ? max : min;
  const margin = Math.min(toMax, toMin);
  const verdict = margin > 0 ? 'inside' : margin === 0 ? 'at' : 'outside';
  const rings =
    min !== undefined && max !== undefined
      ? message('fit.frontCage.between', { min, max })
      : max === undefined
        ? message('fit.frontCage.from', { min: definite(min) })
        : message('fit.frontCage.upTo', { max });
  const texts = {
    inside: message('fit.frontCage.inside', { teeth: definite(big), rings }),
    at: message('fit.frontCage.at', { teeth: definite(big), rings }),
    outside: message('fit.frontCage.outside', { teeth: definite(big), over: -margin, rings }),
  };
  return answered('frontCage', verdict, withHeight(texts[verdict]), {
    required: big,
    limit,
    margin,
    unit: 'T',
    fixes:
      verdict === 'outside'
        ? [
            ...(limit !== undefined && limit > small
              ? [{ text: message('fit.frontCage.fixRing', { teeth: limit }), change: { chainrings: [limit, small] } }]
              : []),
            { text: message('fit.frontCage.fixDerailleur', { teeth: definite(big) }) },
          ]
        : [],
  });
}
