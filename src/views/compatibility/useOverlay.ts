'use client';

import { useMemo, useState } from 'react';
import {
  CHAIN_LINKS,
  DRIVE_DEFAULTS,
  cagePose,
  chainLinks,
  counterpart,
  geometryOf,
  pitchRadiusMm,
  type DriveGeometry,
} from '../../core/fit';
import { within } from '../../core/numbers';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import type { OtherDrive } from '../../features/side-view/SideView';
import type { EndGear, Fit, GearCell } from './useFit';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

/** Overlaid chains, by their difference in links. */
const LINK_CHANGES = [-4, -2, 2, 4] as const;

interface OverlayChoice {
  readonly value: string;
  readonly label: string;
  readonly disabled?: boolean;
}

/** The overlay of the side view: another chain, or another setup. */
interface Overlay {
  readonly value: string;
  readonly choices: readonly OverlayChoice[];
  readonly choose: (value: string) => void;
  /** The overlaid drive in the gear corresponding to a gear of the selected setup; undefined without an overlay. */
  readonly at: (gear: GearCell) => OtherDrive | undefined;
  /** The other drive at an end of its own. */
  readonly atEnd: (end: EndGear['end']) => OtherDrive | undefined;
  readonly largestRingMm: number;
  readonly largestCogMm: number;
  readonly cageLengthMm: number;
}

interface Other {
  readonly chainrings: readonly number[];
  readonly cogs: readonly number[];
  readonly links: number;
  readonly geometry: DriveGeometry;
  readonly place: number | undefined;
  readonly name: string;
}

/** Overlays another chain length or another setup on the selected setup's drive. */
export function useOverlay(fit: Fit): Overlay {
  const { workspace } = useReadyWorkspace();
  const { bike, setup, setups } = workspace;
  const { linksUsed, geometry } = fit.report;
  const [chosen, choose] = useState('none');
  return useMemo(() => {
    const frame = {
      chainstayMm: bike.chainstayMm ?? DRIVE_DEFAULTS.chainstayMm,
      bbDropMm: bike.bbDropMm ?? DRIVE_DEFAULTS.bbDropMm,
    };
    const others = new Map<string, Other>();
    const choices: OverlayChoice[] = [{ value: 'none', label: t('useOverlay.noComparison') }];
    for (const change of LINK_CHANGES) {
      const links = linksUsed + change;
      if (!geometry || !within(links, CHAIN_LINKS)) continue;
      const name = t('useOverlay.links', { links });
      const value = `links ${change}`;
      choices.push({ value, label: name });
      others.set(value, { ...setup, links, geometry, place: undefined, name });
    }
    setups.forEach((other, place) => {
      if (other.id === setup.id) return;
      const own = geometryOf({ ...frame, rearDerailleur: other.rearDerailleur });
      const letter = letterOf(place);
      const label = `${letter}${other.name ? `, ${other.name}` : ''}`;
      choices.push({
        value: other.id,
        label: own ? label : t('useOverlay.labelNoCageLength', { label }),
        disabled: !own,
      });
      if (!own) return;
      const stay = frame.chainstayMm + (bike.suspensionGrowthMm ?? 0);
      const links = other.chainLinks ?? chainLinks({ ...other, chainstayMm: stay, geometry: own }).bigBigPlusTwo;
      others.set(other.id, { ...other, links, geometry: own, place, name: letter });
    });
    const other = others.get(chosen);
    const posed = (chainring: number, cog: number): OtherDrive | undefined => {
      if (!other) return undefined;
      const { links, geometry: own, place, name } = other;
      return { chainring, cog, pose: cagePose(chainring, cog, links, own), links, geometry: own, place, name };
    };
    return {
      value: other ? chosen : 'none',
      choices,
      choose,
      at: ({ ringPlace, chainring, cog }) => {
        if (other?.place === undefined) return posed(chainring, cog);
        const gear = counterpart(other, ringPlace, cog);
        return posed(gear.chainring, gear.cog);
      },
      atEnd: (end) =>
        other &&
        (end === 'bigBig'
          ? posed(firstOf(other.chainrings), lastOf(other.cogs))
          : posed(lastOf(other.chainrings), firstOf(other.cogs))),
      largestRingMm: Math.max(fit.largestRingMm, other ? pitchRadiusMm(firstOf(other.chainrings)) : 0),
      largestCogMm: Math.max(fit.largestCogMm, other ? pitchRadiusMm(lastOf(other.cogs)) : 0),
      cageLengthMm: Math.max(geometry?.cageLengthMm ?? 0, other?.geometry.cageLengthMm ?? 0),
    };
  }, [bike, setup, setups, linksUsed, geometry, fit, chosen]);
}
