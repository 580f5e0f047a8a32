import type { Aim, Bother, Effort, Position, Surface, Terrain, Use } from '../../core/needs';
import type { Zone } from '../../core/gears';
import { t } from './text';

export const USE_TEXT: Readonly<Record<Use, string>> = {
  touring: t('words.useText.touring'),
  allRoad: t('words.useText.allRoad'),
  road: t('words.useText.road'),
  timeTrial: t('words.useText.timeTrial'),
  trail: t('words.useText.trail'),
  loads: t('words.useText.loads'),
  town: t('words.useText.town'),
  folding: t('words.useText.folding'),
  child: t('words.useText.child'),
};

export const EFFORT_TEXT: Readonly<Record<Effort, string>> = {
  easy: t('words.effortText.easy'),
  steady: t('words.effortText.steady'),
  strong: t('words.effortText.strong'),
};

export const POSITION_TEXT: Readonly<Record<Position, string>> = {
  upright: t('words.positionText.upright'),
  hoods: t('words.positionText.hoods'),
  drops: t('words.positionText.drops'),
  aero: t('words.positionText.aero'),
};

export const SURFACE_TEXT: Readonly<Record<Surface, string>> = {
  smooth: t('words.surfaceText.smooth'),
  rough: t('words.surfaceText.rough'),
  gravel: t('words.surfaceText.gravel'),
  dirt: t('words.surfaceText.dirt'),
};

export const BOTHER_TEXT: Readonly<Record<Bother, string>> = {
  tooHardUphill: t('words.botherText.tooHardUphill'),
  spinsOut: t('words.botherText.spinsOut'),
  gaps: t('words.botherText.gaps'),
  frontShifting: t('words.botherText.frontShifting'),
  droppedChain: t('words.botherText.droppedChain'),
  noise: t('words.botherText.noise'),
  weight: t('words.botherText.weight'),
};

export const AIM_TEXT: Readonly<Record<Aim, string>> = {
  cadence: t('words.aimText.cadence'),
  simplicity: t('words.aimText.simplicity'),
  range: t('words.aimText.range'),
  weight: t('words.aimText.weight'),
  cost: t('words.aimText.cost'),
  aero: t('words.aimText.aero'),
};

export const TERRAIN_TEXT: Readonly<Record<Terrain, string>> = {
  flatPercent: t('words.terrainText.flatPercent'),
  rollingPercent: t('words.terrainText.rollingPercent'),
  hillyPercent: t('words.terrainText.hillyPercent'),
  mountainPercent: t('words.terrainText.mountainPercent'),
};

export const ZONE_TEXT: Readonly<Record<Zone, string>> = {
  climbing: t('words.zoneText.climbing'),
  between: t('words.zoneText.between'),
  fast: t('words.zoneText.fast'),
};
