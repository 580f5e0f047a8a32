import isEqual from 'fast-deep-equal';
import { coverage, gearReport, type CadenceBand, type Riding, type Setup } from '../../core/gears';
import { speedIn } from '../units/speed';
import { ladderLayout, type LadderLane, type LadderLayout } from './layout';
import type { Span } from './scale';
import { ladderScene, type LadderPicture, type LadderScene } from './scene';

/** A setup on the ladder before anything of it is computed. */
export interface LaneRequest {
  /** Place in the workspace. */
  readonly place: number;
  readonly title: string;
  readonly setup: Setup;
  /** Its cadence is that at which the axis of speeds holds. */
  readonly riding: Riding;
  /** The rider's cadences; undefined while the needs conflict. */
  readonly band: CadenceBand | undefined;
}

/** A ladder before anything of it is computed. */
export interface LadderRequest {
  readonly lanes: readonly LaneRequest[];
  /** The gear that is read out; without a key the easiest of its lane. */
  readonly chosen: { readonly place: number; readonly key: string | undefined };
}

/** What of a picture depends on no tooth. */
export type LadderFrame = Omit<LadderPicture, 'lanes' | 'selected'>;

export function laneOf({ place, title, setup, riding, band }: LaneRequest): LadderLane {
  const report = gearReport(setup, riding);
  return { place, title, report, coverage: band && coverage(report.gears, band), cadenceRpm: riding.cadenceRpm };
}

/** Computes lanes; a lane with the same input is reused, so a tooth typed on one setup leaves the others. */
export function rememberedLanes(): (asked: LaneRequest) => LadderLane {
  const last = new Map<number, { readonly asked: LaneRequest; readonly lane: LadderLane }>();
  return (asked) => {
    const former = last.get(asked.place);
    if (former && isEqual(former.asked, asked)) return former.lane;
    const lane = laneOf(asked);
    last.set(asked.place, { asked, lane });
    return lane;
  };
}

/** @param lane works a lane out */
export function pictureOf(
  { lanes: asked, chosen }: LadderRequest,
  frame: LadderFrame,
  lane: (asked: LaneRequest) => LadderLane = laneOf,
): LadderPicture {
  const lanes = asked.map(lane);
  const easiest = lanes.find(({ place }) => place === chosen.place)?.report.gears[0]?.key;
  return { ...frame, lanes, selected: { place: chosen.place, key: chosen.key ?? easiest ?? '' } };
}

/** A ladder with a place for everything on it. */
export interface LaidOut {
  readonly layout: LadderLayout;
  readonly scene: LadderScene;
}

/**
 * @param width pixels
 * @param before what the axis showed last
 */
export function laidOut(picture: LadderPicture, width: number, before: Span | undefined): LaidOut {
  const { lanes, reading, units, height, needs } = picture;
  const layout = ladderLayout(lanes, width, {
    ...{ before, reading, height, needs },
    speedIn: (speed) => speedIn(units.speedUnit, speed),
  });
  return { layout, scene: ladderScene(layout, picture) };
}
