import type { Aim, Bother, Effort, Position, Surface, Terrain, Use } from '../core/brief';
import type { Zone } from '../core/gears';

export const USE_TEXT: Readonly<Record<Use, string>> = {
  touring: 'touring',
  allRoad: 'all-road',
  road: 'road',
  timeTrial: 'time trial',
  trail: 'trail',
  loads: 'cargo',
  town: 'town',
  folding: 'folding or small wheels',
  child: 'a child',
};

export const EFFORT_TEXT: Readonly<Record<Effort, string>> = { easy: 'easy', steady: 'steady', strong: 'strong' };

export const POSITION_TEXT: Readonly<Record<Position, string>> = {
  upright: 'upright',
  hoods: 'on the hoods',
  drops: 'in the drops',
  aero: 'on aero bars',
};

export const SURFACE_TEXT: Readonly<Record<Surface, string>> = {
  smooth: 'smooth tarmac',
  rough: 'rough tarmac',
  gravel: 'gravel',
  dirt: 'dirt',
};

export const BOTHER_TEXT: Readonly<Record<Bother, string>> = {
  tooHardUphill: 'gears too hard for climbs',
  spinsOut: 'spinning out',
  holes: 'big gaps between gears',
  frontShifting: 'front shifting',
  droppedChain: 'dropped chain',
  noise: 'noise',
  weight: 'weight',
};

export const AIM_TEXT: Readonly<Record<Aim, string>> = {
  cadence: 'cadence',
  simplicity: 'simplicity',
  range: 'range',
  weight: 'weight',
  cost: 'cost',
  aero: 'air drag',
};

export const TERRAIN_TEXT: Readonly<Record<Terrain, string>> = {
  flatPercent: 'flat',
  rollingPercent: 'rolling',
  hillyPercent: 'hilly',
  mountainPercent: 'mountains',
};

export const ZONE_TEXT: Readonly<Record<Zone, string>> = {
  climbing: 'climbing',
  between: 'cruising',
  fast: 'fast',
};
