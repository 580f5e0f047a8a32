import { message, type Message } from '../message';
import { TERRAINS, type BriefNumbers } from './brief';
import type { FilledBrief } from './fill';

/** Numbers that are sound alone and cannot be true together. */
export interface Contradiction {
  readonly fields: readonly (keyof BriefNumbers)[];
  readonly code: 'cadenceRange' | 'spinOut' | 'climbCadence' | 'preferredCadence' | 'speeds' | 'zones' | 'terrain';
  readonly message: Message;
}

/** Returns every conflict in a brief, including assumed values; nothing is repaired. */
export function contradictions(brief: FilledBrief): Contradiction[] {
  const found: Contradiction[] = [];
  const add = (code: Contradiction['code'], fields: Contradiction['fields'], text: Message) =>
    found.push({ fields, code, message: text });
  const { lowRpm: low, highRpm: high, spinOutRpm: spinOut, climbingRpm: climbing, preferredRpm: preferred } = brief;
  if (low >= high) {
    add('cadenceRange', ['lowRpm', 'highRpm'], message('brief.conflict.cadenceRange', { low, high }));
  }
  if (high >= spinOut) {
    add('spinOut', ['highRpm', 'spinOutRpm'], message('brief.conflict.spinOut', { high, spinOut }));
  }
  if (climbing >= high) {
    add('climbCadence', ['climbingRpm', 'highRpm'], message('brief.conflict.climbCadence', { climbing, high }));
  }
  if (preferred < low || preferred > high) {
    const text = message('brief.conflict.preferredCadence', { preferred, low, high });
    add('preferredCadence', ['preferredRpm', 'lowRpm', 'highRpm'], text);
  }
  const { cruisingSpeedKmh: usual, topSpeedKmh: top } = brief;
  if (usual >= top) {
    add('speeds', ['cruisingSpeedKmh', 'topSpeedKmh'], message('brief.conflict.speeds', { usual, top }));
  }
  const { climbingBelowKmh, fastAboveKmh: fast } = brief;
  if (climbingBelowKmh >= fast) {
    const text = message('brief.conflict.zones', { climbing: climbingBelowKmh, fast });
    add('zones', ['climbingBelowKmh', 'fastAboveKmh'], text);
  }
  const sum = TERRAINS.reduce((shares, field) => shares + brief[field], 0);
  if (Math.abs(sum - 100) > 0.05) add('terrain', [...TERRAINS], message('brief.conflict.terrain', { sum }));
  return found;
}
