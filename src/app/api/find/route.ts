import { t } from '../../../records/exchange/text';
import {
  checkFind,
  ringChoices,
  type CassetteOption,
  type FindAim,
  type FindInput,
  type Found,
  type RingRule,
} from '../../../core/find';
import { checkCapacity, checkRingDifference, type RearDerailleur, type Verdict } from '../../../core/fit';
import { DEFAULT_CROSSED_COGS, NO_HUB_STAGE, rolloutMm } from '../../../core/gears';
import { compareInOrder } from '../../../core/numbers';
import { GENERIC_CASSETTES } from '../../../core/catalog/cassettes';
import { percent } from '../../../core/units';
import { findRequestSchema, type FindRequest, type FindResponse } from '../../../records/exchange/find';
import { findOnThread } from '../../../workers/find/on-thread';
import { problemResponse } from '../_http/body';
import { answered } from '../_http/guard';
import { handlers } from '../_http/methods';
import { messageFields } from '../_http/message-fields';
import { definite } from '../../../core/items';

/** Setups that meet needs, and that none beats. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  POST: (request) => answered(request, findRequestSchema, answer),
});

const AIMS: readonly FindAim[] = ['largestStep', 'meanStep', 'frontShifts', 'capacity'];

async function answer(request: FindRequest, signal: AbortSignal): Promise<Response> {
  const problems = checkFind({ rings: ruleOf(request), cassetteCount: cassettesOf(request).length, aims: AIMS });
  if (problems.some(({ field }) => field === 'space')) {
    const issues = problems.map(({ message }) => ({
      path: 'rings',
      ...messageFields(message),
    }));
    return problemResponse({ title: t('tooMuch.title'), status: 400, detail: t('tooMuch.detail'), issues });
  }
  const found = await findOnThread(inputOf(request), { signal });
  switch (found.kind) {
    case 'busy':
      return unavailable(t('busy.searches'));
    case 'left':
      return problemResponse({ title: t('gone.title'), status: 499, detail: t('gone.detail') });
    case 'late':
      return unavailable(t('busy.late'));
    case 'found': {
      const { searched, met, front } = found.result;
      const candidates = [...front]
        .sort(byValues)
        .slice(0, request.limit)
        .map((one) => toCandidate(one, request.rearDerailleur));
      return Response.json({ searched, met, candidates } satisfies FindResponse);
    }
  }
}

function unavailable(detail: string): Response {
  return problemResponse({ title: t('busy.title'), status: 503, detail });
}

const ruleOf = ({ layouts, rings, ringDifferenceMaxT, anyTeeth }: FindRequest): RingRule => ({
  layouts,
  minT: rings.min,
  maxT: rings.max,
  ringDifferenceMaxT,
  anyTeeth,
});

/** Those that were sent; else those that are sold, each named by its teeth. */
const cassettesOf = ({ cassettes }: FindRequest): readonly CassetteOption[] =>
  cassettes ?? GENERIC_CASSETTES.map(({ cogs }) => ({ cogs, name: cogs.join('-') }));

function inputOf(request: FindRequest): FindInput {
  const { wheel, cadence, needs } = request;
  const { lowRpm, highRpm } = cadence;
  const { largestStepMaxPercent, ...ends } = needs;
  return {
    ringChoices: ringChoices(ruleOf(request)),
    cassettes: cassettesOf(request),
    aims: AIMS,
    needs: {
      ...ends,
      largestStepMax: largestStepMaxPercent === undefined ? undefined : largestStepMaxPercent / 100,
    },
    riding: {
      rolloutMm: rolloutMm(wheel),
      hubStages: NO_HUB_STAGE,
      crossedCogs: DEFAULT_CROSSED_COGS,
      lowRpm,
      highRpm,
      // Neither is used: no requirement here depends on zones of speed.
      preferredRpm: (lowRpm + highRpm) / 2,
      zones: { climbingBelowKmh: 0, fastAboveKmh: Infinity },
    },
  };
}

/** By the aims in their order; of equals the smaller rings first, so that an answer is the same every time. */
function byValues(a: Found, b: Found): number {
  const keys = ({ values, chainrings }: Found) => [...values, chainrings.length, ...chainrings];
  return compareInOrder(keys(a), keys(b));
}

function toCandidate(
  { chainrings, cassette, metrics, build }: Found,
  rearDerailleur: RearDerailleur,
): FindResponse['candidates'][number] {
  return {
    chainrings: [...chainrings],
    cassette: definite(cassette.name),
    easiestDevelopmentM: metrics.easiestDevelopmentM,
    topSpeedKmh: metrics.topSpeedKmh,
    largestStepPercent: percent(metrics.largestStep),
    meanStepPercent: percent(metrics.meanStep),
    frontShifts: metrics.frontShifts,
    capacityRequiredT: build.capacityRequiredT,
    verdict: verdictOf(chainrings, cassette.cogs, rearDerailleur),
  };
}

/** From best to worst; unknown counts only where nothing else is known. */
const GRAVITY: readonly Verdict[] = ['notKnown', 'inside', 'at', 'outside', 'cannotWork'];

function verdictOf(chainrings: readonly number[], cogs: readonly number[], rearDerailleur: RearDerailleur): Verdict {
  const setup = { chainrings, cogs, hubStages: NO_HUB_STAGE };
  // With one ring there is no front derailleur: that it has nothing to check is no verdict.
  const front = chainrings.length > 1 ? [checkRingDifference(setup, rearDerailleur)] : [];
  return [...checkCapacity({ setup, rearDerailleur }), ...front]
    .map(({ verdict }) => verdict)
    .reduce((gravest, one) => (GRAVITY.indexOf(one) > GRAVITY.indexOf(gravest) ? one : gravest), 'notKnown');
}
