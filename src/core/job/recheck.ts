import type { JobStep } from './steps';
import { SYMPTOMS_OF } from './symptoms';
import { wearLimitPercent } from './wear';

/** Looking a bike over after its first rides: what settles, in order. @param speeds of the cassette */
export function recheckSteps(speeds?: number): JobStep[] {
  const step = (id: JobStep['id'], minutes: number, readings: JobStep['readings'] = []): JobStep => ({
    id,
    readings,
    torques: [],
    symptoms: SYMPTOMS_OF[id] ?? [],
    minutes,
    learnedFrom: 0,
  });
  const limit = wearLimitPercent(speeds);
  return [
    step('torque', 5),
    step('indexing', 5),
    step('recheck', 5, [
      {
        id: 'wearPercent',
        unit: '%',
        possible: { min: 0, max: 3 },
        target: limit,
        window: { max: limit },
        basis: 'wearLimit',
      },
    ]),
    step('signOff', 2),
  ];
}
