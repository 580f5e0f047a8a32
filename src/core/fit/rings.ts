import type { Setup } from '../gears';
import { allDigits } from '../number-text';
import type { DriveParts, Retention } from './drive-parts';
import { pitchRadiusMm } from './sprocket';
import { answered, checkTeeth, notKnown, type Check } from './verdict';

/** From the bolt circle to the pitch circle of the smallest ring that clears bolts and chain, mm: measured on common cranks. */
const BOLT_CLEARANCE_MM = 11.4;

/** The smallest ring that a bolt circle leaves room for, teeth; the crank's sheet wins. */
export function smallestRingOfBoltCircleT(boltCircleMm: number): number {
  let teeth = 10;
  while (pitchRadiusMm(teeth) < boltCircleMm / 2 + BOLT_CLEARANCE_MM) teeth += 1;
  return teeth;
}

/** The smallest ring against the crank's. */
export function checkSmallestRing({ chainrings }: Setup, { smallestRingT, boltCircleMm }: DriveParts): Check {
  const small = Math.min(...chainrings);
  const limit = smallestRingT ?? (boltCircleMm === undefined ? undefined : smallestRingOfBoltCircleT(boltCircleMm));
  return checkTeeth('smallestRing', small, limit, 'least', {
    what: `Smallest ring ${small}T`,
    published: (least) =>
      smallestRingT === undefined
        ? `at least ${least}T on a BCD of ${allDigits(boltCircleMm!)} mm`
        : `at least ${least}T published`,
    missing: 'the BCD of the crank or its smallest ring',
    fixes: (least) => {
      const [big, second] = chainrings;
      const other = second === undefined ? [least] : least < big! ? [big!, least] : undefined;
      return [
        { text: `a ${least}T ring`, ...(other && { change: { chainrings: other } }) },
        { text: `a crank that takes ${small}T` },
      ];
    },
  });
}

/** Largest rings that a frame has room for, by its sheet. */
export interface RingRoom {
  readonly oneRingMaxT?: number | undefined;
  readonly twoRingsMaxT?: number | undefined;
}

/** The big ring against the room to the chainstay; a single ring stands farther in than the big one of two. */
export function checkRingRoom({ chainrings }: Setup, { oneRingMaxT, twoRingsMaxT }: RingRoom): Check {
  const big = Math.max(...chainrings);
  const one = chainrings.length === 1;
  return checkTeeth('ringRoom', big, one ? oneRingMaxT : twoRingsMaxT, 'most', {
    what: `${one ? 'Ring' : 'Big ring'} ${big}T`,
    published: (most) => `the chainstay clears ${most}T`,
    missing: `the largest ${one ? 'ring' : 'big ring'} that clears the frame`,
    fixes: (most) => {
      const small = one ? undefined : chainrings[1];
      const rings = small === undefined ? [most] : small < most ? [most, small] : undefined;
      return [{ text: `a ${most}T ${one ? 'ring' : 'big ring'}`, ...(rings && { change: { chainrings: rings } }) }];
    },
  });
}

const TRADE_OFF: Readonly<Record<Retention, string>> = {
  narrowWide: 'a narrow-wide ring needs no adjustment, but holds the chain less well as it wears',
  clutch: 'a clutch also quietens the chain, but makes shifting heavier',
  guide: 'a guide is the safest, but it adds weight, needs adjustment and may rub',
};

/** Whether something keeps the chain on a single ring. */
export function checkRetention({ chainrings }: Setup, { retention }: DriveParts): Check {
  if (chainrings.length > 1) {
    return answered('retention', 'inside', '2x: the cage of the front derailleur keeps the chain on.');
  }
  if (retention === undefined) {
    return notKnown('retention', '1x', 'the chain retention: narrow-wide ring, clutch or chain guide');
  }
  if (retention.length === 0) {
    return answered('retention', 'outside', '1x without chain retention: the chain drops on rough ground.', {
      fixes: (Object.keys(TRADE_OFF) as Retention[]).map((one) => ({ text: TRADE_OFF[one] })),
    });
  }
  const words = retention.map((one) => TRADE_OFF[one]).join('; ');
  return answered('retention', 'inside', `One ring: ${words}.`);
}
