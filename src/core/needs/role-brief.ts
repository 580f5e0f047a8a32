import { defined } from '../optional';
import type { Brief } from './brief';

/** What is of the rider and the bike, whatever it is ridden for. */
const OF_THE_RIDER = [
  'riderMassKg',
  'bikeMassKg',
  'powerW',
  'anaerobicJPerKg',
  'effort',
  'preferredRpm',
  'lowRpm',
  'highRpm',
  'spinOutRpm',
  'assistFactor',
  'assistMaxW',
  'assistCutOffKmh',
  'frontDragCm2',
  'bothers',
  'aims',
] as const satisfies readonly (keyof Brief)[];

/**
 * Returns the brief of one role of a bike: entries of the role take precedence; of the bike's brief all is kept
 * where the riding is the same, and else what is of rider and bike.
 */
export function roleBrief(bike: Brief, role: Brief): Brief {
  const isSame = role.use === undefined || role.use === bike.use;
  const kept: Brief = isSame ? bike : Object.fromEntries(OF_THE_RIDER.map((field) => [field, bike[field]]));
  const said = defined(role);
  return { ...kept, ...said };
}
