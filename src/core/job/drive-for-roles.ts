import {
  checkCapacity,
  requiredCapacityT,
  type Check,
  type FitInput,
  type OtherDerailleur,
  type RearDerailleur,
} from '../fit';
import { chainWindow, sharedWindow, type ChainWindow } from './chain-window';
import { firstOf } from '../items';

/** Without these two there is no verdict; minimum cogs are seldom published. */
const DECIDING = ['totalCapacity', 'largestCog'] as const;
type DecidingLimit = (typeof DECIDING)[number];

/** A rear derailleur with its name. */
type NamedDerailleur = Pick<OtherDerailleur, 'name' | 'rearDerailleur'>;

/** The drive of one role, as far as a rear derailleur and a chain depend on it. */
export type RoleDrive = Pick<FitInput, 'setup' | 'chainstayMm' | 'suspensionGrowthMm' | 'bbDropMm'>;

/** What a rear derailleur for all roles must take, teeth. */
interface DerailleurNeeds {
  readonly capacityT: number;
  readonly largestCogT: number;
}

/** How a chain suits all roles with one derailleur. */
type ChainVerdict = 'suits' | 'notKnown' | 'tooFar';

/** One rear derailleur against all roles. */
export interface DerailleurForRoles {
  readonly name: string;
  readonly rearDerailleur: RearDerailleur;
  /** Limits that are passed, by the place of the role. */
  readonly passed: readonly { readonly role: number; readonly check: Check }[];
  /** Limits that decide and whose figure is not known. */
  readonly notKnown: readonly DecidingLimit[];
  /** The counts of links that all roles take; without any, `maxLinks` is below `minLinks`. */
  readonly window: ChainWindow;
  readonly chain: ChainVerdict;
}

export interface DriveForRoles {
  readonly needs: DerailleurNeeds;
  /** All available derailleurs, the most suitable first. */
  readonly derailleurs: readonly DerailleurForRoles[];
  /** Whether the first of them takes all roles, with one chain. */
  readonly found: 'yes' | 'notKnown' | 'no';
  /** Index of the role without which one derailleur and chain would do; undefined where they do, or no single role prevents it. */
  readonly inTheWay: number | undefined;
  /** Numbers of cogs, where they differ: then no one chain and shifter suits all roles. */
  readonly cogCounts: readonly number[];
}

/**
 * Looks for one rear derailleur and one chain that serve every role of a bike.
 * @param roles at least one
 * @param all available derailleurs, including those of the roles; at least one
 */
export function driveForRoles(roles: readonly RoleDrive[], all: readonly NamedDerailleur[]): DriveForRoles {
  const candidates = distinct(all);
  const counts = [...new Set(roles.map(({ setup }) => setup.cogs.length))].sort((a, b) => a - b);
  const derailleurs = ranked(candidates.map((one) => against(one, roles)));
  const found = foundOf(firstOf(derailleurs), counts);
  return {
    needs: {
      capacityT: Math.max(...roles.map(({ setup }) => requiredCapacityT(setup))),
      largestCogT: Math.max(...roles.flatMap(({ setup }) => setup.cogs)),
    },
    derailleurs,
    found,
    inTheWay: found === 'no' && roles.length > 2 ? obstacleAmong(roles, candidates) : undefined,
    cogCounts: counts.length > 1 ? counts : [],
  };
}

/** Each described derailleur once: one of which nothing is known is no candidate unless it is the only one. */
function distinct(all: readonly NamedDerailleur[]): readonly NamedDerailleur[] {
  const kept: NamedDerailleur[] = [];
  for (const one of all) {
    const isKnown = Object.values(one.rearDerailleur).some((value) => value !== undefined);
    if (isKnown && !kept.some((other) => sameFigures(one, other))) kept.push(one);
  }
  return kept.length > 0 ? kept : all.slice(0, 1);
}

const sameFigures = (a: NamedDerailleur, b: NamedDerailleur) =>
  JSON.stringify(a.rearDerailleur) === JSON.stringify(b.rearDerailleur);

function against({ name, rearDerailleur }: NamedDerailleur, roles: readonly RoleDrive[]): DerailleurForRoles {
  const checks = roles.flatMap(({ setup }, role) =>
    checkCapacity({ setup, rearDerailleur }).map((check) => ({ role, check })),
  );
  const window = roles
    .map(({ setup, chainstayMm, suspensionGrowthMm, bbDropMm }) =>
      chainWindow(
        { setup, rearDerailleur },
        { chainstayMm, longestChainstayMm: chainstayMm + suspensionGrowthMm, bbDropMm },
      ),
    )
    .reduce(sharedWindow);
  return {
    name,
    rearDerailleur,
    passed: checks.filter(({ check: { verdict } }) => verdict === 'outside' || verdict === 'cannotWork'),
    notKnown: DECIDING.filter((id) => checks.some(({ check }) => check.id === id && check.verdict === 'notKnown')),
    window,
    chain: window.maxLinks === undefined ? 'notKnown' : window.minLinks <= window.maxLinks ? 'suits' : 'tooFar',
  };
}

/** Those that pass nothing first, then those of which most is known. */
function ranked(all: readonly DerailleurForRoles[]): readonly DerailleurForRoles[] {
  const rank = ({ passed, chain, notKnown }: DerailleurForRoles) =>
    passed.length * 1000 + (chain === 'tooFar' ? 1000 : 0) + notKnown.length * 10 + (chain === 'notKnown' ? 1 : 0);
  return [...all].sort((a, b) => rank(a) - rank(b));
}

function foundOf(
  { passed, chain, notKnown }: DerailleurForRoles,
  cogCounts: readonly number[],
): DriveForRoles['found'] {
  if (passed.length > 0 || chain === 'tooFar' || cogCounts.length > 1) return 'no';
  return notKnown.length > 0 || chain === 'notKnown' ? 'notKnown' : 'yes';
}

function obstacleAmong(roles: readonly RoleDrive[], candidates: readonly NamedDerailleur[]): number | undefined {
  const place = roles.findIndex((_, role) => {
    const others = roles.filter((_other, i) => i !== role);
    const counts = [...new Set(others.map(({ setup }) => setup.cogs.length))];
    return foundOf(firstOf(ranked(candidates.map((one) => against(one, others)))), counts) !== 'no';
  });
  return place < 0 ? undefined : place;
}
