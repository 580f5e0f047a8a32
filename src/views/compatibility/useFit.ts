'use client';

import { useMemo } from 'react';
import {
  DRIVE_DEFAULTS,
  allowedGears,
  fitAnswer,
  fitReport,
  isBigBig,
  pitchRadiusMm,
  requiredCapacityT,
  type CageRow,
  type FitAnswer,
  type FitReport,
  type LimitsPolicy,
} from '../../core/fit';
import { useReadyWorkspace, type Workspace } from '../../features/workspace/WorkspaceProvider';
import { fitInputOf, type KnownParts } from '../../features/workspace/fit-input';
import type { BikeRecord, SetupRecord } from '../../records';
import { leftOutOf } from '../../records/selectors/fit-input';
import { firstOf, lastOf } from '../../core/items';

/** The ends of a drive: where chain and cage are at their limits. */
export interface EndGear {
  readonly end: 'bigBig' | 'smallSmall';
  readonly row: GearCell;
}

/** A gear of the selected setup with its texts. */
export interface GearCell extends CageRow {
  readonly ringPlace: number;
  readonly cogPlace: number;
  readonly allowed: boolean;
  readonly isBigBig: boolean;
}

export interface Fit {
  readonly report: FitReport;
  readonly school: LimitsPolicy;
  readonly answer: FitAnswer;
  readonly chainstayMm: number;
  readonly longestChainstayMm: number;
  /** Links of the chain that is on the bike now: its own, or that of the setup fitted now. */
  readonly presentLinks: number | undefined;
  /** Links to add to that chain; below 0 to take out; undefined where it is not known. */
  readonly linksToAdd: number | undefined;
  readonly largestRingMm: number;
  readonly largestCogMm: number;
  /** Big-big and small-small; empty without a cage length. */
  readonly ends: readonly EndGear[];
  /** A row a ring, big first; cogs smallest first. */
  readonly cells: readonly (readonly GearCell[])[];
  readonly requiredT: number;
  readonly requiredWholeT: number;
  /** Gears that were left out of another combination of rings, cassette and derailleur: here they count. */
  readonly leftOutElsewhere: number;
}

/** Core's results for a setup of a bike. */
function fitOf(bike: BikeRecord, setup: SetupRecord, setups: readonly SetupRecord[], shop: KnownParts): FitReport {
  return fitReport(fitInputOf(bike, setup, setups, shop));
}

/** All results of core on the compatibility of the selected setup. */
export function useFit(): Fit {
  const { workspace, workshop } = useReadyWorkspace();
  const { bike, setup, setups } = workspace;
  const { parts, experience } = workshop;
  return useMemo(
    () => fitFor({ bike, setup, setups }, { parts, experience }),
    [bike, setup, setups, parts, experience],
  );
}

function fitFor({ bike, setup, setups }: Pick<Workspace, 'bike' | 'setup' | 'setups'>, shop: KnownParts): Fit {
  const report = fitOf(bike, setup, setups, shop);
  const { chainrings, cogs } = setup;
  const leftOut = leftOutOf(setup);
  const { chainstayMm = DRIVE_DEFAULTS.chainstayMm, suspensionGrowthMm = 0, limitsSchool: school = 'sheet' } = bike;
  const allowed = allowedGears(setup, leftOut);
  const cells = chainrings.map((_, ringPlace) =>
    cogs.flatMap((_cog, cogPlace): GearCell[] => {
      const row = report.cage[ringPlace * cogs.length + cogPlace];
      if (!row) return [];
      return [
        {
          ...row,
          ringPlace,
          cogPlace,
          allowed: allowed.some((place) => place.ring === ringPlace && place.cog === cogPlace),
          isBigBig: isBigBig(setup, { ring: ringPlace, cog: cogPlace }),
        },
      ];
    }),
  );
  const bigBig = cells[0]?.at(-1);
  const smallSmall = cells.at(-1)?.[0];
  const presentLinks = setup.chainLinks ?? setups[0]?.chainLinks;
  return {
    report,
    school,
    answer: fitAnswer(report, school),
    chainstayMm,
    longestChainstayMm: chainstayMm + suspensionGrowthMm,
    presentLinks,
    linksToAdd: presentLinks === undefined ? undefined : report.links.bigBigPlusTwo - presentLinks,
    largestRingMm: pitchRadiusMm(firstOf(chainrings)),
    largestCogMm: pitchRadiusMm(lastOf(cogs)),
    ends: [
      ...(bigBig ? [{ end: 'bigBig', row: bigBig } as const] : []),
      ...(smallSmall ? [{ end: 'smallSmall', row: smallSmall } as const] : []),
    ],
    cells,
    requiredT: requiredCapacityT(setup, leftOut),
    requiredWholeT: requiredCapacityT(setup),
    leftOutElsewhere: leftOut.length === 0 ? (setup.leftOut?.gears.length ?? 0) : 0,
  };
}
