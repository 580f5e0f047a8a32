import { developmentM, lowestTerms, type Gear } from '../gears';
import { floorNearly } from '../numbers';

/** The position of a drive after turning its crank, from crank and valve straight down. */
interface Turned {
  readonly crankTurns: number;
  readonly wheelTurns: number;
  /** How often the valve has come down to the ground again. */
  readonly valvePasses: number;
  /** How far the bike has rolled, m. */
  readonly rolledM: number;
  /** Links of chain that have run over the ring; one a tooth. */
  readonly chainLinks: number;
}

/** @param crankTurns forward, at least 0 */
export function turned(gear: Gear, crankTurns: number, rolloutMm: number): Turned {
  const wheelTurns = crankTurns * gear.ratio;
  return {
    crankTurns,
    wheelTurns,
    valvePasses: floorNearly(wheelTurns),
    rolledM: developmentM(wheelTurns, rolloutMm),
    chainLinks: crankTurns * gear.chainring,
  };
}

/**
 * After how many whole turns of the crank the valve is down again as well: 3 for 4:3, when the wheel
 * has turned 4 times. Without a hub of two speeds.
 */
export function turnsUntilBothAreDown(gear: Gear): { readonly crank: number; readonly wheel: number } {
  const [wheel, crank] = lowestTerms(gear);
  return { crank, wheel };
}

/** Distances and forces of a gear, at the pedal and at the ground. */
interface Trade {
  /** The foot goes round once, m. */
  readonly footM: number;
  /** The bike goes, m. */
  readonly bikeM: number;
  /** The tyre's push on the ground for each newton on the pedal, square to the crank and without losses. */
  readonly pushShare: number;
  /** Distance of the bike per distance of the foot: the gain ratio. */
  readonly gain: number;
}

/** Work is conserved: force × distance is the same at the pedal and at the ground. */
export function trade({ ratio }: Gear, rolloutMm: number, crankLengthMm: number): Trade {
  const footM = (2 * Math.PI * crankLengthMm) / 1000;
  const bikeM = developmentM(ratio, rolloutMm);
  return { footM, bikeM, pushShare: footM / bikeM, gain: bikeM / footM };
}

/** A gear's distance along the ground, m from the start. */
export interface OnGround extends Turned {
  /** Where the valve came down, the start among them. */
  readonly valveM: readonly number[];
  /** Where each whole turn of the crank ended. */
  readonly turnEndsM: readonly number[];
}

/** Where a gear has left its marks after so many turns of the crank. */
export function onGround(gear: Gear, crankTurns: number, rolloutMm: number): OnGround {
  const now = turned(gear, crankTurns, rolloutMm);
  return {
    ...now,
    valveM: Array.from({ length: now.valvePasses + 1 }, (_, i) => (i * rolloutMm) / 1000),
    turnEndsM: Array.from({ length: floorNearly(crankTurns) }, (_, i) => turned(gear, i + 1, rolloutMm).rolledM),
  };
}
