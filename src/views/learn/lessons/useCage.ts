'use client';

import { useMemo } from 'react';
import { cagePose, chainLinks, pitchRadiusMm, type DriveGeometry } from '../../../core/fit';
import type { Setup } from '../../../core/gears';
import { firstOf, lastOf } from '../../../core/items';

/** Cages in common use, mm; where even the longest is too short it is shown that it is. */
const CAGES_MM = [56, 76, 93, 107] as const;

/** The drive of a lesson: the shortest common cage that takes the setup, and its chain by big-big + 2. */
export function useCage(setup: Setup, geometry: DriveGeometry) {
  return useMemo(() => {
    const [bigRing, smallRing] = [firstOf(setup.chainrings), lastOf(setup.chainrings)];
    const [smallCog, bigCog] = [firstOf(setup.cogs), lastOf(setup.cogs)];
    const geometryOf = (cageLengthMm: number) => ({ ...geometry, cageLengthMm });
    const links = chainLinks({ ...setup, chainstayMm: geometry.chainstayMm, geometry: undefined }).bigBigPlusTwo;
    const takes = (mm: number) => cagePose(smallRing, smallCog, links, geometryOf(mm)).state === 'ok';
    const cageLengthMm = CAGES_MM.find(takes) ?? lastOf(CAGES_MM);
    return {
      geometry: geometryOf(cageLengthMm),
      cageLengthMm,
      links,
      largestRingMm: pitchRadiusMm(bigRing),
      largestCogMm: pitchRadiusMm(bigCog),
      bigBig: { chainring: bigRing, cog: bigCog },
      smallSmall: { chainring: smallRing, cog: smallCog },
    };
  }, [setup, geometry]);
}
