import { contradictions, fillBrief, needsOf, type FilledBrief, type Needs } from '../../../core/brief';
import {
  difference,
  measuredNeed,
  needAnswers,
  priorityChoices,
  setupFigures,
  type DifferenceRow,
  type PriorityChoice,
  type SetupFigures,
} from '../../../core/compare';
import { DEFAULT_CLOSENESS_PERCENT, DEFAULT_CROSSED_COGS, rolloutMm, type Gear } from '../../../core/gears';
import { percent } from '../../../core/units';
import { formatShorthand } from '../../../formats/shorthand';
import { compareRequestSchema, type CompareRequest, type CompareResponse } from '../../../records/exchange/compare';
import { METRIC } from '../../../kit/measures';
import { briefOfRider, resistanceOfRider, riderNameOf } from '../../../records/exchange/rider';
import { verdictSentence } from '../../../stages/compare/words/difference-words';
import { needFigure, needTitle } from '../../../stages/compare/words/need-words';
import { problemResponse } from '../_http/body';
import { answered } from '../_http/guard';
import { nameOfFigure, nameOfNeed } from '../../../records/figure-names';
import { told } from '../_http/told';

/** Setups beside the one on the bike, for one rider. */
export function POST(request: Request): Promise<Response> {
  return answered(request, compareRequestSchema, answer);
}

const RULES = { closenessPercent: DEFAULT_CLOSENESS_PERCENT, crossedCogs: DEFAULT_CROSSED_COGS };

/** No figure of the answer depends on it. */
const CLICKS_PER_PUSH = { easier: 1, harder: 1 };

function answer({ wheel, rider, setups }: CompareRequest): Response {
  const brief = fillBrief(briefOfRider(rider));
  const conflicts = contradictions(brief);
  if (conflicts.length > 0) {
    const issues = conflicts.map(({ fields, message }) => ({
      path: `rider.${riderNameOf(fields[0]!)}`,
      ...told(message),
    }));
    return problemResponse({ title: 'Conflicting details', status: 400, detail: 'Rider details conflict.', issues });
  }
  const needs = needsOf(brief, resistanceOfRider(rider, brief));
  const rollout = rolloutMm(wheel);
  const all = setups.map(({ rearDerailleur, ...setup }, place) => {
    const candidate = {
      id: String(place),
      setup,
      rolloutMm: rollout,
      crankLengthMm: undefined,
      rearDerailleur,
      clicksPerPush: CLICKS_PER_PUSH,
      massG: undefined,
      cost: undefined,
    };
    return setupFigures(candidate, brief, RULES, needs);
  });
  const names = setups.map((setup) => setup.name ?? formatShorthand(setup));
  const compared = all.map((figures, place) => toSetup(names[place]!, figures, all[0]!, brief, needs));
  return Response.json({
    setups: compared,
    priorities: priorityChoices(all, brief).map((choice) => toPriority(choice, names)),
  } satisfies CompareResponse);
}

const pair = ({ chainring, cog }: Gear) => ({ chainring, cog });

function toSetup(
  name: string,
  figures: SetupFigures,
  base: SetupFigures,
  brief: FilledBrief,
  needs: Needs,
): CompareResponse['setups'][number] {
  const answers = needAnswers(figures, brief, base);
  const rows = difference(figures, base, brief);
  const named = (judgement: DifferenceRow['judgement']) =>
    rows.filter((row) => row.judgement === judgement).map(({ id }) => nameOfFigure(id));
  const met = answers.filter((one) => one.met).length;
  return {
    name,
    meets: answers.map((one) => {
      const { figure, remedy } = needFigure(one, METRIC);
      const wants = remedy === '' ? '' : `; would need ${remedy}`;
      return {
        id: nameOfNeed(one.id),
        met: one.met,
        justAbout: one.justAbout ?? false,
        ...measuredNeed(one, figures, brief),
        message: `${needTitle(one, brief, METRIC, needs)}: ${figure}${wants}`,
      };
    }),
    cruisingGear: pair(figures.cruising.gear),
    lossPercent: percent(figures.loss.fraction),
    gaps: figures.coverage.holes.map(({ fromKmh, toKmh }) => ({ fromKmh, toKmh })),
    sequence: figures.report.pathGears.map(pair),
    better: named('better'),
    worse: named('worse'),
    headline:
      figures === base
        ? `${name} is on the bike and meets ${met} of ${answers.length} needs.`
        : verdictSentence(name, rows, brief, METRIC),
  };
}

function toPriority({ priority, choices, notKnown }: PriorityChoice, names: readonly string[]) {
  const chosen = choices.map((place) => names[place]!);
  if (choices.length === 0) {
    const message = names.length < 2 ? 'One setup alone is no choice.' : 'Not known for these setups.';
    return { id: priority, best: null, code: 'notKnown', message } as const;
  }
  if (choices.length === names.length - notKnown.length) {
    return { id: priority, best: null, code: 'noDifference', message: 'No difference between them.' } as const;
  }
  const best = chosen.length === 1 ? chosen[0]! : null;
  return { id: priority, best, code: 'chooses', message: `Chooses ${chosen.join(' or ')}.` } as const;
}
