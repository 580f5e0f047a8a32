import { gearReport, rolloutMm, type Gear, type GearReport } from '../../../core/gears';
import { percent } from '../../../core/units';
import { formatShorthand } from '../../../formats/shorthand';
import { gearsRequestSchema, type GearsRequest, type GearsResponse } from '../../../records/exchange/gears';
import { answered } from '../_http/guard';
import { handlers } from '../_http/methods';

/** All gears of up to eight setups. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  POST: (request) => answered(request, gearsRequestSchema, (value) => Response.json(answer(value))),
});

function answer({ wheel, crankLengthMm, cadenceRpm, closenessPercent, setups }: GearsRequest): GearsResponse {
  const riding = { rolloutMm: rolloutMm(wheel), cadenceRpm, crankLengthMm, closenessPercent };
  return {
    setups: setups.map(({ name, ...setup }) => toResponse(name ?? formatShorthand(setup), gearReport(setup, riding))),
  };
}

function toResponse(name: string, report: GearReport): GearsResponse['setups'][number] {
  return {
    name,
    rangePercent: percent(report.range.quotient),
    distinctGears: report.distinct.length,
    ringOverlapPercent: report.overlap ? percent(report.overlap.share) : null,
    exactDuplicates: uniquePairs(report.duplicates.map(([a, b]) => [pair(a), pair(b)])),
    gears: report.gears.map((gear) => ({
      ...pair(gear),
      hubStage: gear.hubStage,
      ratio: gear.ratio,
      gearInches: gear.gearInchesOwnWheel,
      developmentM: gear.developmentM,
      gainRatio: gear.gainRatio ?? null,
      speedKmh: gear.speedKmh,
    })),
    steps: report.steps.map((step) => ({
      from: pair(step.from),
      to: pair(step.to),
      speedStepPercent: percent(step.speedStep),
      cadenceDropPercent: percent(step.cadenceDrop),
      logStep: step.logStep,
    })),
  };
}

type Pair = GearsResponse['setups'][number]['exactDuplicates'][number][number];

function pair({ chainring, cog }: Gear): Pair {
  return { chainring, cog };
}

/** Duplicates repeat in each stage of a two-speed hub; a pair of teeth is named once. */
function uniquePairs(duplicates: [Pair, Pair][]): [Pair, Pair][] {
  return [...new Map(duplicates.map((duplicate) => [JSON.stringify(duplicate), duplicate])).values()];
}
