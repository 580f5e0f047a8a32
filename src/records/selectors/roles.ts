import {
  contradictions,
  fillBrief,
  needsOf,
  roleBrief,
  type Contradiction,
  type FilledBrief,
  type Needs,
} from '../../core/needs';
import { developmentM, gearsOf, rangeOf, rolloutMm } from '../../core/gears';
import type { JobCard } from '../../core/job';
import type { BikeRecord, BikeRole } from '../bike';
import type { SetupRecord } from '../setup';
import { wheelOf, wheelsetOf } from '../wheelset';
import { changeCard, type JobFacts } from './job-card';
import { itemAt, definite } from '../../core/items';

/** A role of a bike with its setup, and whether the setup meets the role's needs. */
export interface RoleState {
  readonly role: BikeRole;
  readonly brief: FilledBrief;
  readonly contradictions: readonly Contradiction[];
  readonly needs: Needs;
  /** Undefined where none was chosen, or it has been removed. */
  readonly fitted: RoleSetup | undefined;
}

interface RoleSetup {
  readonly setup: SetupRecord;
  /** Place in the workspace. */
  readonly place: number;
  readonly easiestM: number;
  readonly hardestM: number;
  readonly easyEnough: boolean;
  readonly hardEnough: boolean;
}

/** @param setups those of the bike, in their order */
export function roleStates(bike: BikeRecord, setups: readonly SetupRecord[]): readonly RoleState[] {
  return (bike.roles ?? []).map((role): RoleState => {
    const brief = fillBrief(roleBrief(bike.brief, role.brief));
    const needs = needsOf(brief);
    const place = setups.findIndex(({ id }) => id === role.setupId);
    return {
      role,
      brief,
      needs,
      contradictions: contradictions(brief),
      fitted: place < 0 ? undefined : roleSetup(bike, itemAt(setups, place), place, needs),
    };
  });
}

function roleSetup(bike: BikeRecord, setup: SetupRecord, place: number, needs: Needs): RoleSetup {
  const wheelMm = rolloutMm(wheelOf(wheelsetOf(bike, setup)));
  const { easiest, hardest } = rangeOf(gearsOf(setup));
  const [easiestM, hardestM] = [developmentM(easiest.ratio, wheelMm), developmentM(hardest.ratio, wheelMm)];
  return {
    setup,
    place,
    easiestM,
    hardestM,
    easyEnough: easiestM <= needs.easiestMaxM,
    hardEnough: hardestM >= needs.hardestMinM,
  };
}

/** What it takes to change a bike from one role to another. */
export interface RoleChange {
  readonly from: RoleState;
  readonly to: RoleState;
  /** Undefined where both have the same setup. */
  readonly card: JobCard | undefined;
}

/** Every pair of roles that have a setup, each once, the quickest change first. */
export function roleChanges(roles: readonly RoleState[], facts: JobFacts): readonly RoleChange[] {
  const ready = roles.filter(({ fitted }) => fitted !== undefined);
  return ready
    .flatMap((from, i) =>
      ready.slice(i + 1).map((to): RoleChange => {
        const [now, then] = [definite(from.fitted).setup, definite(to.fitted).setup];
        return { from, to, card: now.id === then.id ? undefined : changeCard(now, then, facts) };
      }),
    )
    .sort((a, b) => (a.card?.minutes ?? 0) - (b.card?.minutes ?? 0));
}
