import type { Gear, Setup } from '../gears';
import { message } from '../message';
import type { Drivetrains } from './drivetrain';
import type { Level } from './level';
import type { KnownMistake, Question } from './question';
import type { Seeded } from './seeded';
import { itemAt } from '../items';

/** A question before it has a kind and a seed. */
export type Asked = Omit<Question, 'kind' | 'seed'>;

/** What a question is made for. */
export interface Making {
  readonly level: Level;
  readonly drivetrains: Drivetrains;
}

export type Maker = (random: Seeded, making: Making) => Asked;

export const name = ({ chainring, cog }: Pick<Gear, 'chainring' | 'cog'>) => `${chainring}/${cog}`;
/** Rings and cogs as a question names them. */
export const teethOf = ({ chainrings, cogs }: Setup) => ({ rings: chainrings.join('/'), cogs: cogs.join('-') });
export const division = ({ chainring, cog, ratio }: Gear) => message('division', { ring: chainring, cog, ratio });
export const gearOf = (chainring: number, cog: number): Gear => ({
  chainring,
  cog,
  hubStage: 1,
  ratio: chainring / cog,
});

/** Neighbouring cogs on one ring: the smaller (harder) and the larger (easier). */
export function neighbours(random: Seeded, setup: Setup): readonly [easier: Gear, harder: Gear] {
  const ring = random.pick(setup.chainrings);
  const place = random.whole(1, setup.cogs.length - 1);
  return [gearOf(ring, itemAt(setup.cogs, place)), gearOf(ring, itemAt(setup.cogs, place - 1))];
}

/** Mistakes whose answer differs from the right one and from each other. */
export function apart(right: number, tolerance: number, mistakes: readonly KnownMistake[]): KnownMistake[] {
  return mistakes.filter(({ value }) => Math.abs(value - right) > tolerance);
}
