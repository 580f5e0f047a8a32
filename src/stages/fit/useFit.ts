'use client';

import { useMemo } from 'react';
import { DRIVE_DEFAULTS, fitReport, pitchRadiusMm, type CageRow, type FitReport } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';

/** The four ends of a drive: where chain and cage are at their limits. */
export interface EndGear {
  readonly name: string;
  readonly row: CageRow;
}

export interface Fit {
  readonly report: FitReport;
  readonly chainstayMm: number;
  readonly longestChainstayMm: number;
  /** Links to add to the chain on the bike; below 0 to take out; undefined where it is not known. */
  readonly linksToAdd: number | undefined;
  readonly largestRingMm: number;
  readonly largestCogMm: number;
  /** Big-big and small-small; empty without a cage length. */
  readonly ends: readonly EndGear[];
}

/** Everything that core says of whether the setup in depth goes together. */
export function useFit(): Fit {
  const { bench } = useReadyBench();
  const { bike, setup } = bench;
  const { chainstayMm = DRIVE_DEFAULTS.chainstayMm, bbDropMm = DRIVE_DEFAULTS.bbDropMm, suspensionGrowthMm = 0 } = bike;
  return useMemo(() => {
    const report = fitReport({
      setup,
      chainstayMm,
      suspensionGrowthMm,
      bbDropMm,
      chainLinks: setup.chainLinks,
      rearDerailleur: setup.rearDerailleur,
    });
    const big = setup.chainrings[0]!;
    const largest = setup.cogs.at(-1)!;
    const row = (chainring: number, cog: number) =>
      report.cage.find((one) => one.chainring === chainring && one.cog === cog);
    const bigBig = row(big, largest);
    const smallSmall = row(setup.chainrings.at(-1)!, setup.cogs[0]!);
    return {
      report,
      chainstayMm,
      longestChainstayMm: chainstayMm + suspensionGrowthMm,
      linksToAdd: setup.chainLinks === undefined ? undefined : report.links.bigBigPlusTwo - setup.chainLinks,
      largestRingMm: pitchRadiusMm(big),
      largestCogMm: pitchRadiusMm(largest),
      ends: [
        ...(bigBig ? [{ name: 'Big-big', row: bigBig }] : []),
        ...(smallSmall ? [{ name: 'Small-small', row: smallSmall }] : []),
      ],
    };
  }, [setup, chainstayMm, bbDropMm, suspensionGrowthMm]);
}
