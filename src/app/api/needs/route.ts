import { contradictions, fillBrief, needsOf, type FilledBrief } from '../../../core/needs';
import { rolloutMm } from '../../../core/gears';
import type { Resistance } from '../../../core/ride';
import { needsRequestSchema, type NeedsRequest, type NeedsResponse } from '../../../records/exchange/needs';
import {
  RIDER_NAMES,
  TOLERANCE_NAMES,
  briefOfRider,
  resistanceOfRider,
  riderNameOf,
  toRiding,
  type Rider,
  type RiderNumber,
} from '../../../records/exchange/rider';
import { answered } from '../_http/guard';
import { handlers } from '../_http/methods';
import { messageFields } from '../_http/message-fields';

/** What a rider needs of the easiest and the hardest gear. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  POST: (request) => answered(request, needsRequestSchema, (value) => Response.json(answer(value))),
});

/** Assumed values of a rider for what is not given; a lowest ratio and a motor are never assumed. */
const TAKEN = ['riding', ...RIDER_NAMES.map(([name]) => name), 'cda', 'crr'] as const;

function answer({ wheel, rider }: NeedsRequest): NeedsResponse {
  const brief = fillBrief(briefOfRider(rider));
  const resistance = resistanceOfRider(rider, brief);
  const conflicts = contradictions(brief).map(({ fields, code, message }) => ({
    fields: fields.map(riderNameOf),
    ...messageFields(message),
    code,
  }));
  return {
    rider: toRider(rider, brief, resistance),
    assumed: [
      ...TAKEN.filter((name) => rider[name] === undefined),
      ...TOLERANCE_NAMES.flatMap(([zone]) =>
        rider.stepTolerancePercent?.[zone] === undefined ? [`stepTolerancePercent.${zone}`] : [],
      ),
    ],
    conflicts,
    needs: conflicts.length > 0 ? null : toNeeds(rider, brief, resistance, rolloutMm(wheel)),
  };
}

function toRider(rider: Rider, brief: FilledBrief, { cdaM2, crr, assist }: Resistance): NeedsResponse['rider'] {
  const numbers = Object.fromEntries(RIDER_NAMES.map(([name, field]) => [name, brief[field]])) as Record<
    RiderNumber,
    number
  >;
  return {
    riding: toRiding(brief.use),
    ...numbers,
    cda: cdaM2,
    crr,
    lowestRatio: rider.lowestRatio ?? null,
    stepTolerancePercent: Object.fromEntries(
      TOLERANCE_NAMES.map(([zone, field]) => [zone, brief[field]]),
    ) as NeedsResponse['rider']['stepTolerancePercent'],
    assist: assist ?? null,
  };
}

function toNeeds(
  { lowestRatio }: Rider,
  brief: FilledBrief,
  resistance: Resistance,
  rollout: number,
): NeedsResponse['needs'] {
  const { easiestMaxM, hardestMinM, climbPowerW, climbSpeedKmh, climbMinutes, walks } = needsOf(brief, resistance);
  const asked = lowestRatio === undefined ? Infinity : (lowestRatio * rollout) / 1000;
  return {
    easiestDevelopmentMaxM: Math.min(easiestMaxM, asked),
    hardestDevelopmentMinM: hardestMinM,
    climb: { powerW: climbPowerW, speedKmh: climbSpeedKmh, minutes: climbMinutes, walks },
  };
}
