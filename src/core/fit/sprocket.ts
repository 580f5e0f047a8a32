import { PITCH_MM } from './chain';

/** Radius of the circle on which the pins of the chain lie round a sprocket, mm: p / (2 sin(π / N)). */
export function pitchRadiusMm(teeth: number): number {
  return PITCH_MM / (2 * Math.sin(Math.PI / teeth));
}
