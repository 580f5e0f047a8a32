import type { Setup } from '../gears';
import { message, type Message } from '../message';
import type { DriveParts, Retention } from './drive-parts';
import { pitchRadiusMm } from './sprocket';
import { answered, checkTeeth, notKnown, type Check } from './verdict';
import { definite } from '../items';

/** From the bolt circle to the pitch circle of the smallest ring that clears bolts and chain, mm: measured on common cranks. */
const BOLT_CLEARANCE_MM = 11.4;

/** Smallest ring for a bolt circle, teeth; published data of the crank take precedence. */
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
    what: message('fit.smallestRing.what', { teeth: small }),
    published: (least) =>
      smallestRingT === undefined
        ? message('fit.smallestRing.boltCircle', { limit: least, boltCircle: definite(boltCircleMm) })
        : message('fit.published.least', { limit: least }),
    missing: message('fit.smallestRing.missing'),
    fixes: (least) => {
      const [big, second] = chainrings;
      const other = second === undefined ? [least] : least < definite(big) ? [definite(big), least] : undefined;
      return [
        {
          text: message('fit.smallestRing.fixRing', { teeth: least }),
          ...(other && { change: { chainrings: other } }),
        },
        { text: message('fit.smallestRing.fixCrank', { teeth: small }) },
      ];
    },
  });
}

/** Largest rings that fit a frame, as published. */
export interface RingRoom {
  readonly oneRingMaxT?: number | undefined;
  readonly twoRingsMaxT?: number | undefined;
}

/** Checks the big ring against the chainstay clearance; a single ring is farther in than the big one of two. */
export function checkRingRoom({ chainrings }: Setup, { oneRingMaxT, twoRingsMaxT }: RingRoom): Check {
  const big = Math.max(...chainrings);
  const one = chainrings.length === 1;
  return checkTeeth('ringRoom', big, one ? oneRingMaxT : twoRingsMaxT, 'most', {
    what: message(one ? 'fit.ringRoom.oneRing' : 'fit.ringRoom.bigRing', { teeth: big }),
    published: (most) => message('fit.ringRoom.clears', { limit: most }),
    missing: message(one ? 'fit.ringRoom.missingOneRing' : 'fit.ringRoom.missingBigRing'),
    fixes: (most) => {
      const small = one ? undefined : chainrings[1];
      const rings = small === undefined ? [most] : small < most ? [most, small] : undefined;
      const text = message(one ? 'fit.ringRoom.fixOneRing' : 'fit.ringRoom.fixBigRing', { teeth: most });
      return [{ text, ...(rings && { change: { chainrings: rings } }) }];
    },
  });
}

const TRADE_OFF: Readonly<Record<Retention, Message>> = {
  narrowWide: message('fit.retention.narrowWide'),
  clutch: message('fit.retention.clutch'),
  guide: message('fit.retention.guide'),
};

/** Whether something keeps the chain on a single ring. */
export function checkRetention({ chainrings }: Setup, { retention }: DriveParts): Check {
  if (chainrings.length > 1) {
    return answered('retention', 'inside', message('fit.retention.twoRings'));
  }
  if (retention === undefined) {
    return notKnown('retention', message('fit.retention.what'), message('fit.retention.missing'));
  }
  if (retention.length === 0) {
    return answered('retention', 'outside', message('fit.retention.none'), {
      fixes: (Object.keys(TRADE_OFF) as Retention[]).map((one) => ({ text: TRADE_OFF[one] })),
    });
  }
  const kinds = retention.map((one) => TRADE_OFF[one]);
  return answered('retention', 'inside', message('fit.retention.has', { kinds }));
}
