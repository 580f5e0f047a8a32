import { stepTolerance } from '../compare';
import type { FilledBrief, Needs } from '../needs';
import { needUncertainty, zonesOf } from '../needs';
import { frontControlOf, type FitInput, type RearDerailleur } from '../fit';
import { ZONES } from '../gears';
import { GENERIC_CASSETTES, sameTeeth } from '../catalog/cassettes';
import type { FindBike } from './builder';
import type { CassetteOption } from './found';
import type { FindRiding } from './gearing';
import type { FindNeeds } from './needs';
import { checkFind, type FindProblem } from './problems';
import { ringChoices, type Layout } from './ring-choices';
import { frontRoomOf, type FrontRoom } from './front-room';
import type { FindInput } from './search';
import type { FilledFind } from './settings';
import { message } from '../message';

/** What a search of a bike is made from. */
export interface FindContext {
  readonly bike: Omit<FindBike, 'keep' | 'frontRoom'>;
  /** Whether the frame takes a front derailleur, if entered. */
  readonly takesFrontDerailleur?: boolean | undefined;
  readonly rolloutMm: number;
  readonly crossedCogs: number;
  readonly brief: FilledBrief;
  readonly briefNeeds: Needs;
  /** Cassettes that are in stock, or on the list to be bought. */
  readonly stock: readonly CassetteOption[];
  /** Cassettes that were built for the bike. */
  readonly built: readonly CassetteOption[];
}

export type FindQuestionResult =
  | {
      readonly ok: true;
      readonly input: Omit<FindInput, 'road'>;
      /** Without two rings where the frame takes no front derailleur. */
      readonly layouts: readonly Layout[];
      readonly frontRoom: FrontRoom;
    }
  | { readonly ok: false; readonly problems: readonly FindProblem[] };

/** Builds the search from the settings; or returns all that is wrong with them. */
export function findQuestion(settings: FilledFind, context: FindContext): FindQuestionResult {
  const {
    layouts: asked,
    ringMinT: minT,
    ringMaxT: maxT,
    ringDifferenceMaxT,
    ringsAtHand: only,
    anyTeeth,
    aims,
    keep,
    prices,
  } = settings;
  const { chainrings } = context.bike.present.setup;
  const frontRoom = frontRoomOf(context.takesFrontDerailleur, chainrings, context.brief.use);
  const bike: FindBike = {
    ...context.bike,
    present: withDistinctOthers(context.bike.present),
    keep,
    frontRoom: frontRoom.room,
  };
  const layouts = frontRoom.room === 'no' ? asked.filter((layout) => layout !== '2x') : asked;
  if (layouts.length === 0 && asked.length > 0) return { ok: false, problems: [noRoomForTwo(frontRoom)] };
  const rings = { layouts, minT, maxT, ringDifferenceMaxT, only, anyTeeth, present: chainrings };
  const cassettes = cassettesFor(settings, context);
  const problems = checkFind({ rings, cassetteCount: cassettes.length, aims, bike });
  if (problems.length > 0) return { ok: false, problems };
  return {
    ok: true,
    layouts,
    frontRoom,
    input: {
      ringChoices: ringChoices(rings),
      cassettes,
      riding: ridingOf(context),
      needs: needsFor(settings, context),
      aims,
      bike,
      prices,
    },
  };
}

const noRoomForTwo = ({ assumed }: FrontRoom): FindProblem => ({
  field: 'layouts',
  message: message(assumed ? 'find.frameAssumedToTakeNone' : 'find.frameTakesNone'),
});

/**
 * Other derailleurs by their known data, each once: one without known data is the same as
 * a new one, and the number of the front derailleur in the same record is not theirs.
 */
function withDistinctOthers(present: FitInput): FitInput {
  const key = ({ ringDifferenceMaxT: _front, ...rear }: RearDerailleur) =>
    JSON.stringify(
      Object.entries(rear)
        .filter(([, value]) => value !== undefined)
        .sort(),
    );
  const seen = new Set([key(present.rearDerailleur), key({})]);
  const others = (present.others ?? []).filter(({ rearDerailleur }) => {
    const own = key(rearDerailleur);
    return !seen.has(own) && seen.add(own);
  });
  return { ...present, others };
}

/** How the bike is ridden, for a search. */
function ridingOf({
  bike,
  rolloutMm,
  crossedCogs,
  brief,
}: Omit<FindContext, 'briefNeeds' | 'built' | 'stock'>): FindRiding {
  return {
    rolloutMm,
    hubStages: bike.present.setup.hubStages,
    crossedCogs,
    lowRpm: brief.lowRpm,
    highRpm: brief.highRpm,
    preferredRpm: brief.preferredRpm,
    zones: zonesOf(brief),
    stepTolerance: {
      climbing: stepTolerance(brief, 'climbing'),
      between: stepTolerance(brief, 'between'),
      fast: stepTolerance(brief, 'fast'),
    },
    frontShiftsItself: frontControlOf(bike.present.parts ?? {}) !== 'lever',
    usualM: brief.ridden?.usualM,
  };
}

/** The cassette on the bike, those in stock, those on sale with the requested numbers of cogs, and custom ones. */
function cassettesFor({ speeds }: FilledFind, { bike, stock, built }: FindContext): readonly CassetteOption[] {
  const all: CassetteOption[] = [
    { cogs: bike.present.setup.cogs },
    ...stock,
    ...GENERIC_CASSETTES.filter(({ cogs }) => speeds.includes(cogs.length)),
    ...built,
  ];
  return all.filter((one, i) => all.findIndex(({ cogs }) => sameTeeth(cogs, one.cogs)) === i);
}

function needsFor({ asks, costMax, massChangeMaxG }: FilledFind, { brief, briefNeeds }: FindContext): FindNeeds {
  return {
    easiestDevelopmentMaxM: asks.includes('easiest') ? briefNeeds.easiestMaxM : undefined,
    lowestRatioMax: asks.includes('lowestRatio') ? brief.lowestRatio : undefined,
    topSpeedMinKmh: asks.includes('topSpeed') ? brief.topSpeedKmh : undefined,
    zoneStepMax: Object.fromEntries(
      ZONES.filter((zone) => asks.includes(`step.${zone}`)).map((zone) => [zone, stepTolerance(brief, zone)]),
    ),
    costMax,
    massChangeMaxG,
    uncertainty: needUncertainty(brief, briefNeeds),
  };
}
