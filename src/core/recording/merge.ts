import type { GearUse } from './gear-use';
import { itemAt } from '../items';

/** Gear use over several rides of one setup, as one. The sequence is that of no ride, and empty. */
export function mergeGearUse(uses: readonly GearUse[]): GearUse {
  const [first] = uses;
  if (!first) throw new RangeError('no ride to merge');
  const sum = (of: (use: GearUse) => number) => uses.reduce((total, use) => total + of(use), 0);
  const drivingS = sum((use) => use.drivingS);
  const weighted = (of: (use: GearUse) => number) =>
    drivingS > 0 ? sum((use) => (use.drivingS > 0 ? of(use) * use.drivingS : 0)) / drivingS : 0;
  const pairs = new Map<string, GearUse['hesitations'][number]>();
  for (const one of uses.flatMap(({ hesitations }) => hesitations)) {
    const key = [one.from, one.to].map(({ chainring, cog, hubStage }) => `${chainring}/${cog}@${hubStage}`).join(' ');
    pairs.set(key, { ...one, count: one.count + (pairs.get(key)?.count ?? 0) });
  }
  return {
    shares: first.shares.map(({ gear }, g) => {
      const own = uses.map(({ shares }) => itemAt(shares, g)).filter(({ seconds }) => seconds > 0);
      const seconds = own.reduce((total, one) => total + one.seconds, 0);
      return {
        gear,
        seconds,
        metres: own.reduce((total, one) => total + one.metres, 0),
        share: drivingS > 0 ? seconds / drivingS : 0,
        meanCadenceRpm: own.reduce((total, one) => total + one.meanCadenceRpm * one.seconds, 0) / seconds,
        sure: own.reduce((total, one) => total + one.sure * one.seconds, 0) / seconds,
      };
    }),
    drivingS,
    coastingS: sum((use) => use.coastingS),
    standingS: sum((use) => use.standingS),
    belowS: sum((use) => use.belowS),
    aboveS: sum((use) => use.aboveS),
    crossedS: sum((use) => use.crossedS),
    rearShifts: sum((use) => use.rearShifts),
    frontShifts: sum((use) => use.frontShifts),
    hesitations: [...pairs.values()].sort((a, b) => b.count - a.count),
    sure: weighted((use) => use.sure),
    recordedS: sum((use) => use.recordedS),
    otherTeethS: sum((use) => use.otherTeethS),
    residual: { median: weighted((use) => use.residual.median), spread: weighted((use) => use.residual.spread) },
    sequence: new Int8Array(0),
  };
}
