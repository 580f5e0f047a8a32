import type { GearIndex } from '../../../core/fit';
import {
  jobCard,
  stopsRiding,
  type CardItem,
  type JobCard,
  type ReadAtBike,
  type StockedBuild,
} from '../../../core/job';
import { itemName, stepTitle, stepWords, warningText } from '../../../messages/job';
import { jobCardRequestSchema, type JobCardRequest, type JobCardResponse } from '../../../records/exchange/job-card';
import { answered } from '../_http/guard';
import { handlers } from '../_http/methods';
import { textOf } from '../../../messages/core';

/** Works out the job card from one setup to another. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  POST: (request) => answered(request, jobCardRequestSchema, (value) => Response.json(answer(value))),
});

type BuildRequest = JobCardRequest['from'];
type Done = JobCardRequest['done'];

function answer(request: JobCardRequest): JobCardResponse {
  const { chainstayMm, bbDropMm, suspensionGrowthMm, done, chain, alternates, usesQuickLink } = request;
  const from = toBuild(request.from);
  const to = toBuild(request.to);
  const card = jobCard(from, to, {
    fit: {
      chainstayMm,
      bbDropMm,
      suspensionGrowthMm,
      setup: to.setup,
      rearDerailleur: to.rearDerailleur,
      parts: to.parts,
      freehub: to.freehub,
      avoided: to.leftOut,
    },
    school: 'sheet',
    chain,
    alternates,
    newChain: false,
    weighs: false,
    usesQuickLink,
    isReturn: false,
    read: readAtBike(done),
  });
  const { linksNow, linksAfter, action, reason } = card.difference.chain;
  return {
    kind: card.kind,
    chain: {
      linksNow: linksNow ?? null,
      linksAfter: linksAfter ?? null,
      action,
      reason,
      message: warningText.chain(card),
    },
    off: card.off.map(toPart),
    on: card.on.map(toPart),
    buy: card.buy.map(toPart),
    steps: card.steps.map((step) => ({
      id: step.id,
      title: stepTitle(step.id, card.to.setup.chainrings.length),
      text: stepWords(step, card).text,
      readings: step.readings.map(({ id, unit, target }) => ({ id, unit, ...(target !== undefined && { target }) })),
      outcomes: ['ok', ...step.symptoms],
      ...(step.torques[0]?.torqueNm !== undefined && { torqueNm: step.torques[0].torqueNm }),
      done: done.some(({ step: id, outcome }) => id === step.id && isEnded(outcome)),
    })),
    warnings: warningsOf(card, done),
  };
}

const isEnded = (outcome: Done[number]['outcome']) =>
  ['ok', 'skipped', 'fixed', 'accepted', 'falseAlarm'].includes(outcome);

const toPart = (item: CardItem) => ({ slot: item.what, name: itemName(item), assumed: item.isAssumed });

function toBuild(build: BuildRequest): StockedBuild {
  const { chainrings, cogs, hubStages, chainSpeeds, shifterSpeeds, shifting, freehubType, freehubBodyMm } = build;
  const { cassetteMm, spacerMm, rearDerailleur = {}, chainLinks, excludedGears = [] } = build;
  return {
    setup: { chainrings, cogs, hubStages },
    rearDerailleur,
    parts: { chainSpeeds, shifterSpeeds, shifting, cassetteLengthMm: cassetteMm, spacerMm },
    freehub: { spline: freehubType, bodyLengthMm: freehubBodyMm },
    chainLinks,
    leftOut: excludedGears.map(({ chainring, cog }): GearIndex => ({
      ring: chainrings.indexOf(chainring),
      cog: cogs.indexOf(cog),
    })),
    stock: {},
  };
}

/** What was counted and read off at the bike. */
function readAtBike(done: Done): ReadAtBike {
  const value = (step: Done[number]['step']) => done.find((one) => one.step === step)?.value;
  return { links: value('countLinks'), chainSpeeds: value('chainSpeeds'), shifterSpeeds: value('shifterSpeeds') };
}

function warningsOf(card: JobCard, done: Done): JobCardResponse['warnings'] {
  const { chain, asksShifterSpeeds } = card.difference;
  const reading = card.steps.find(({ id }) => id === 'chainLength')?.readings[0];
  const links = done.find(({ step }) => step === 'chainLength')?.value;
  return [
    ...chain.warnings.map((warning) => ({
      code: warning.code === 'cannotLeave' ? `cannotLeave.${warning.end}` : warning.code,
      message: warningText.ofChain(warning, chain, card.to.setup.chainrings.length),
    })),
    ...(chain.action === 'ask' ? [{ code: 'chainSpeedsUnknown', message: warningText.chain(card) }] : []),
    ...(asksShifterSpeeds ? [{ code: 'shifterSpeedsUnknown', message: warningText.shifterUnknown }] : []),
    ...(reading && links !== undefined && stopsRiding(reading, links)
      ? [{ code: 'chainTooShort', message: warningText.tooShort(links, chain.window.minLinks) }]
      : []),
    ...card.passed.map(({ id, overT }) => ({ code: `limitPassed.${id}`, message: warningText.passed(id, overT) })),
    ...card.answer.deciding
      .filter(({ id }) => !card.passed.some((limit) => limit.id === id) && id !== 'chainLength')
      .map(({ id, message }) => ({ code: `notCompatible.${id}`, message: textOf(message) })),
  ];
}
