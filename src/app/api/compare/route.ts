import { eitherOf } from '../../../messages/job';
import { t } from '../../../records/exchange/text';
import { contradictions, fillBrief, needsOf, type FilledBrief, type Needs } from '../../../core/needs';
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
import { METRIC } from '../../../features/units/measures';
import { briefOfRider, resistanceOfRider, riderNameOf } from '../../../records/exchange/rider';
import { verdictSentence } from '../../../views/compare/difference-words';
import { needFigure, needTitle } from '../../../views/compare/need-words';
import { problemResponse } from '../_http/body';
import { answered } from '../_http/guard';
import { handlers } from '../_http/methods';
import { nameOfFigure, nameOfNeed } from '../../../records/figure-names';
import { messageFields } from '../_http/message-fields';
import { firstOf, itemAt } from '../../../core/items';

/** Setups beside the one on the bike, for one rider. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  POST: (request) => answered(request, compareRequestSchema, answer),
});

const RULES = { closenessPercent: DEFAULT_CLOSENESS_PERCENT, crossedCogs: DEFAULT_CROSSED_COGS };

/** No figure of the answer depends on it. */
const CLICKS_PER_PUSH = { easier: 1, harder: 1 };

function answer({ wheel, rider, setups }: CompareRequest): Response {
  const brief = fillBrief(briefOfRider(rider));
  const conflicts = contradictions(brief);
  if (conflicts.length > 0) {
    const issues = conflicts.map(({ fields, message }) => ({
      path: `rider.${riderNameOf(firstOf(fields))}`,
      ...messageFields(message),
    }));
    return problemResponse({ title: t('conflict.title'), status: 400, detail: t('conflict.detail'), issues });
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
  const compared = all.map((figures, place) => toSetup(itemAt(names, place), figures, firstOf(all), brief, needs));
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
    gaps: figures.coverage.gaps.map(({ fromKmh, toKmh }) => ({ fromKmh, toKmh })),
    sequence: figures.report.pathGears.map(pair),
    better: named('better'),
    worse: named('worse'),
    headline:
      figures === base
        ? t('headline.fitted', { name, met, needs: answers.length })
        : verdictSentence(name, rows, brief, METRIC),
  };
}

function toPriority({ priority, choices, notKnown }: PriorityChoice, names: readonly string[]) {
  const chosen = choices.map((place) => itemAt(names, place));
  if (choices.length === 0) {
    const message = t(names.length < 2 ? 'priority.oneSetup' : 'priority.notKnown');
    return { id: priority, best: null, code: 'notKnown', message } as const;
  }
  if (choices.length === names.length - notKnown.length) {
    return { id: priority, best: null, code: 'noDifference', message: t('priority.noDifference') } as const;
  }
  const best = chosen.length === 1 ? firstOf(chosen) : null;
  return { id: priority, best, code: 'chooses', message: t('priority.chooses', { setups: eitherOf(chosen) }) } as const;
}
