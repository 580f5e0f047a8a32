import { checkData, contradiction } from '../fit';
import { checkCogs } from '../gears';
import type { Bounds } from '../numbers';
import { message, type Message } from '../message';
import { KIND_DATA, PART_NUMBER_RULES, fieldsOfKind, type PartData, type StockKind } from './kinds';

export const PART_QUANTITY: Bounds = { min: 0, max: 999 };
export const PART_MASS_G: Bounds = { min: 0.1, max: 5000 };
export const PART_PRICE: Bounds = { min: 0, max: 20_000 };
export const PART_KM: Bounds = { min: 0, max: 200_000 };
export const WEAR_PERCENT: Bounds = { min: 0, max: 3 };

interface PartProblem {
  readonly path: readonly (string | number)[];
  readonly message: Message;
}

/** Every reason why these cannot be the data of a part of this kind. */
export function checkPartData(stockKind: StockKind, data: PartData): PartProblem[] {
  const own = fieldsOfKind(stockKind);
  const foreign = (Object.keys(data) as (keyof PartData)[])
    .filter((field) => data[field] !== undefined && !own.includes(field))
    .map((field): PartProblem => ({
      path: [field],
      message: message('datum.problem.foreign', { field }),
    }));
  const { numbers } = KIND_DATA[stockKind];
  const rules = Object.fromEntries(numbers.map((field) => [field, PART_NUMBER_RULES[field]]));
  const values = Object.fromEntries(numbers.map((field) => [field, data[field]]));
  const { largestCogMinT, largestCogMaxT, frontBigRingMinT, frontBigRingMaxT } = data;
  return [
    ...foreign,
    ...checkData(rules, values),
    ...(data.cogs ? checkCogs(data.cogs) : []),
    ...contradiction('largestCogMinT', largestCogMinT, largestCogMaxT, message('datum.term.largestCog')),
    ...contradiction('frontBigRingMinT', frontBigRingMinT, frontBigRingMaxT, message('datum.term.bigRing')),
  ];
}
