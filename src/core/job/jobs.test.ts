import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { build, cardTo, names, stepIds, type CardWishes } from '../../../tests/support/job';
import { JOB_CARDS } from '../../../tests/support/job-cards';
import { JOB_CASES } from '../../../tests/support/job-cases';
import { TOURER } from '../../../tests/support/setups';
import { chainText, stepTitle, stepWords } from '../../messages/job';
import { chainLinks } from '../fit';
import { CHAIN_CHOICES, hasChainChoice } from './chain-plan';
import { countedLimits, type JobCard } from './card';
import type { ReadAtBike } from './read-at-bike';
import { SWAP_KINDS } from './difference';
import { workSteps } from './progress';
import { STEP_IDS, type StepId } from './step-ids';
import { cases } from '../../../tests/support/fuzz';

const made = new Map<string, JobCard>();
/** The card of a case; made once, for no test changes one. */
function cardOf({ name, to, ...wishes }: (typeof JOB_CASES)[number]): JobCard {
  const card = made.get(name) ?? cardTo(to, wishes);
  made.set(name, card);
  return card;
}

const listed = (items: JobCard['on']) => names(items).join(' + ') || 'none';
/** A card as the table has it. */
function asText(card: JobCard): string {
  const { action, reason, linksNow = '?', linksAfter = '?' } = card.difference.chain;
  return [
    `${card.isShort ? 'short ' : ''}${card.kind}; ${action}, ${reason}: ${linksNow} to ${linksAfter}`,
    `off: ${listed(card.off)}; on: ${listed(card.on)}; buy: ${listed(card.buy)}`,
    stepIds(card).join(' ') || 'no steps',
  ].join('\n  ');
}

test('the table has at least forty jobs of every kind', () => {
  expect(JOB_CASES.length).toBeGreaterThanOrEqual(40);
  expect(new Set(JOB_CASES.map((job) => cardOf(job).kind))).toEqual(
    new Set(SWAP_KINDS.filter((kind) => kind !== 'shifter')),
  );
});

test.each(JOB_CASES)('$name: chain, parts and steps, one by one', (job) => {
  expect(asText(cardOf(job))).toBe(JOB_CARDS.get(job.name));
});

test('rings come with a crank at an assumed price, and a front shifter with its derailleur', () => {
  const card = cardOf(JOB_CASES.find(({ name }) => name === '1x to 2x')!);
  expect(card.buy.map(({ what, price, comesWith }) => [what, price, comesWith])).toEqual([
    ['crank', 140, undefined],
    ['bigRing', 0, 'crank'],
    ['smallRing', 0, 'crank'],
    ['frontDerailleur', 110, undefined],
    ['frontShifter', 0, 'frontDerailleur'],
  ]);
  expect(card.cost).toEqual({ sums: [{ currency: undefined, sum: 250 }], unpriced: [], isTyped: false });
  const kept = cardOf(JOB_CASES.find(({ name }) => name === '1x to 2x on a crank that carries two rings')!);
  expect(kept.buy.filter(({ price }) => price === 45)).toHaveLength(2);
});

/** Big-big + 2 of what goes on, at the longest chainstay. */
function neededLinks(card: JobCard, job: CardWishes): number {
  const { chainrings, cogs } = card.to.setup;
  const chainstayMm = 430 + (job.fit?.suspensionGrowthMm ?? 0);
  return chainLinks({ chainrings, cogs, chainstayMm, geometry: undefined }).bigBigPlusTwo;
}

test.each(JOB_CASES)('$name: the chain that it leaves reaches big-big, and nothing in stock is bought', (job) => {
  const card = cardOf(job);
  const { chain } = card.difference;
  const needed = neededLinks(card, job);
  expect(chain.targetLinks).toBeGreaterThanOrEqual(needed);
  if (chain.linksAfter !== undefined) expect(chain.linksAfter).toBeGreaterThanOrEqual(needed);
  // A chain of unknown length is never shortened.
  if (chain.linksNow === undefined) expect(chain.action).not.toBe('shorten');
  if (chain.action === 'leave' && !card.difference.rearDerailleur) {
    expect(stepIds(card)).not.toContain('chainLength');
  }
  for (const { what } of card.buy) {
    const part = card.to.stock[what as 'cassette'];
    expect(part?.inStock === true && (part.chainLinks ?? Infinity) >= chain.targetLinks).toBe(false);
  }
});

test.each(JOB_CASES)('$name: every step says what to do and why, without a gap in its words', (job) => {
  const card = cardOf(job);
  for (const step of card.steps) {
    const { text, why, caution = '' } = stepWords(step, card);
    expect(text.length).toBeGreaterThan(15);
    expect(why.length).toBeGreaterThan(10);
    expect(`${text} ${why} ${caution}`).not.toMatch(/undefined|NaN|\[object|\.\.|  /);
    expect(step.minutes).toBeGreaterThan(0);
  }
});

const before = (card: JobCard, first: StepId, second: StepId) => {
  const ids = stepIds(card);
  return !ids.includes(first) || !ids.includes(second) || ids.indexOf(first) < ids.indexOf(second);
};

const IN_ORDER = [
  ['hanger', 'wheelOut'],
  ['clutchOff', 'chainOff'],
  ['clutchOff', 'wheelOut'],
  ['hanger', 'chainOff'],
  ['oldGap', 'wheelOut'],
  ['cassetteOff', 'weigh'],
  ['ringsOff', 'weigh'],
  ['weigh', 'cassetteOn'],
  ['wheelIn', 'clutchOn'],
  ['clutchOn', 'chainLength'],
  ['chainLength', 'bGap'],
  ['bGap', 'limitScrews'],
  ['limitScrews', 'cable'],
  ['cable', 'indexing'],
  ['frontLimits', 'frontCable'],
  ['frontHeight', 'frontAngle'],
  ['bigBig', 'testRide'],
] as const;

test('the order is one that works: strip, weigh, build, adjust, check', () => {
  for (const job of JOB_CASES) {
    const card = cardOf(job);
    const places = stepIds(card).map((id) => STEP_IDS.indexOf(id));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    const wrong = IN_ORDER.filter(([first, second]) => !before(card, first, second));
    expect([job.name, wrong]).toEqual([job.name, []]);
    // The end checks come before the test ride.
    if (card.kind !== 'nothing')
      expect(stepIds(card)).toEqual(expect.arrayContaining(['bigBig', 'smallSmall', 'signOff']));
  }
});

test('a clutch is off before the chain is opened, and the brake is tried after the wheel was out', () => {
  const clutch = { retention: ['clutch' as const] };
  const moved = cardTo(
    { rearDerailleur: { cageLengthMm: 76 }, parts: { ...build().parts, ...clutch } },
    { from: build({ rearDerailleur: { cageLengthMm: 93 }, parts: { ...build().parts, ...clutch } }) },
  );
  expect(stepIds(moved)).toEqual(expect.arrayContaining(['clutchOff', 'chainOff', 'clutchOn']));
  expect(stepIds(moved)).not.toContain('wheelOut');
  const say = (card: JobCard, id: StepId) =>
    stepWords(
      card.steps.find((step) => step.id === id)!,
      card,
    );
  for (const job of JOB_CASES) {
    const card = cardOf(job);
    if (!stepIds(card).includes('wheelOut')) continue;
    expect(say(card, 'wheelOut').caution).toContain('keep off the lever');
    expect(say(card, 'wheelIn').caution).toContain('tried the rear brake');
    // Nobody can shift without a chain.
    expect(say(card, 'wheelOut').text.includes('Shift')).toBe(!stepIds(card).includes('chainOff'));
  }
});

test('electronic shifting has no cable steps, and a battery, fine adjustment and a taught number of cogs', () => {
  for (const job of JOB_CASES) {
    const card = cardOf(job);
    const ids = stepIds(card);
    if (card.to.parts.shifting !== 'electronic') continue;
    for (const id of ['cable', 'indexing', 'frontCable'] as const) expect(ids).not.toContain(id);
    expect(card.gathered.consumables).not.toContain('rearCable');
  }
  const card = cardOf(JOB_CASES.find(({ name }) => name === 'electronic, another number of cogs')!);
  expect(stepIds(card)).toEqual(expect.arrayContaining(['battery', 'cogCount', 'fineTuning']));
  expect(
    stepWords(
      card.steps.find(({ id }) => id === 'cogCount')!,
      card,
    ).text,
  ).toContain('number of cogs to 12');
});

test('what is read at the bike decides, and its step stays, so that it can be corrected', () => {
  const unknown = build({ chainLinks: undefined, parts: {} });
  const to = {
    setup: { chainrings: [48, 32], cogs: [11, 13, 15, 17, 19, 21, 24, 28, 32, 36], hubStages: [1] },
    parts: {},
  };
  const card = (read: ReadAtBike) => cardTo(to, { from: unknown, read });
  const asked = card({});
  expect(asked.difference.chain.action).toBe('ask');
  expect(stepIds(asked)).toEqual(expect.arrayContaining(['chainSpeeds', 'shifterSpeeds']));
  const read = card({ chainSpeeds: 10, shifterSpeeds: 10 });
  expect(read.difference).toMatchObject({ chain: { action: 'leave', reason: 'notCounted' }, shifter: 'stays' });
  expect(stepIds(read)).toEqual(expect.arrayContaining(['chainSpeeds', 'shifterSpeeds', 'countLinks']));
  const counted = card({ chainSpeeds: 10, shifterSpeeds: 10, links: 104 });
  expect(counted.difference.chain).toMatchObject({ action: 'newChain', reason: 'tooShort', linksNow: 104 });
  expect(stepIds(counted)).toContain('countLinks');
  // What cannot be is not worked with.
  for (const links of [111, 111.5, 58, 182]) expect(card({ links }).difference.chain.linksNow).toBeUndefined();
  for (const chainSpeeds of [4, 10.5, 15, 110]) expect(card({ chainSpeeds }).difference.chain.action).toBe('ask');
});

test('a new chain is called for by its true reason', () => {
  const uncounted = build({
    setup: { ...TOURER, cogs: TOURER.cogs.map((cog) => Math.min(cog, 28)) },
    chainLinks: undefined,
  });
  const counted = (links?: number) => cardTo({}, { from: uncounted, read: { links } });
  expect(chainText(counted())).toContain('it may not reach big-big. Count it first: with 112 links or more it stays');
  expect(counted().buy.map(({ what, isAssumed }) => [what, isAssumed])).toContainEqual(['chain', true]);
  expect(counted(112).difference.chain).toMatchObject({ action: 'leave', reason: 'fits' });
  expect(counted(110).difference.chain).toMatchObject({ action: 'newChain', reason: 'tooShort' });
  const planned = cardTo({ chainLinks: 116 }, { chain: 'fit' });
  expect(chainText(planned)).toContain(
    'a new chain of 116 links, because more links are planned than the present 112 links',
  );
});

test('a chain that is slack at any length is not called right', () => {
  const short = { rearDerailleur: { cageLengthMm: 60 } };
  const same = cardTo({ ...short, setup: { ...TOURER, chainrings: [48, 30] } }, { from: build(short) });
  expect(same.difference.chain).toMatchObject({ action: 'leave', linksNow: 112, targetLinks: 112 });
  expect(chainText(same)).toContain('leave it as it is: 112 links, the fewest that reach big-big.');
  expect(chainText(same)).toContain('hang slack in small-small: the cage is too short');
  const season = cardTo(
    { setup: { ...TOURER, chainrings: [34, 26], cogs: TOURER.cogs.map((cog) => Math.min(cog, 24)) } },
    { from: build({ rearDerailleur: { cageLengthMm: 93 } }), alternates: true },
  );
  expect(season.difference.chain.warnings).toEqual([{ code: 'noneServesBoth' }]);
  expect(chainText(season)).toContain('the fewest that reach big-big in both setups. No one chain serves both');
});

test('what becomes of a chain can be chosen and chosen again, wherever it passes both ends', () => {
  const choice = (to: Parameters<typeof cardTo>[0], wishes: CardWishes = {}) => {
    const { chain } = cardTo(to, wishes).difference;
    return [chain.action, hasChainChoice(chain)];
  };
  const smaller = { setup: { ...TOURER, cogs: TOURER.cogs.map((cog) => Math.min(cog, 30)) } };
  expect(choice(smaller)).toEqual(['leave', true]);
  expect(choice(smaller, { chain: 'fit' })).toEqual(['shorten', true]);
  expect(choice({ chainLinks: 116 })).toEqual(['leave', true]);
  expect(choice({ chainLinks: 116 }, { chain: 'fit' })).toEqual(['newChain', true]);
  // Nothing to choose: just right, too short, worn, uncounted, for another number of speeds.
  expect(choice({})).toEqual(['leave', false]);
  expect(choice({}, { from: build({ chainLinks: 108 }) })).toEqual(['newChain', false]);
  expect(choice(smaller, { newChain: true })).toEqual(['newChain', false]);
  expect(choice(smaller, { from: build({ chainLinks: undefined }) })).toEqual(['leave', false]);
  expect(choice(smaller, { from: build({ parts: { chainSpeeds: 9 } }) })).toEqual(['newChain', false]);
});

test('on 1x nothing says big or small ring', () => {
  for (const job of JOB_CASES) {
    const card = cardOf(job);
    if (card.to.setup.chainrings.length > 1 || card.from.setup.chainrings.length > 1) continue;
    for (const step of card.steps) {
      const { text, why } = stepWords(step, card);
      expect(`${stepTitle(step.id, 1)} ${text} ${why}`).not.toMatch(/big ring|small ring|big-big|small-small/i);
    }
    expect(chainText(card)).not.toMatch(/big-big|small-small/);
  }
});

test('a limit that is passed is a step of its own with a tick, in its place', () => {
  const card = cardOf(JOB_CASES.find(({ name }) => name === 'largest cog past the limit')!);
  const ids = stepIds(card);
  expect(ids.indexOf('checkLargestCog')).toBe(ids.indexOf('bGap') + 1);
  expect(ids.indexOf('checkCapacity')).toBe(ids.indexOf('smallSmall') + 1);
  const check = card.steps.find(({ id }) => id === 'checkLargestCog')!;
  expect(check.readings.map(({ id }) => id)).toEqual(['gapMm']);
  expect(stepWords(check, card).text).toContain('14T past the published limit');
});

test('a limit counts for a trial that stays, and against one that was put back only where it is named as the cause', () => {
  const passed = [
    { id: 'largestCog', overT: 2, overWithExtenderT: 0 },
    { id: 'totalCapacity', overT: 4, overWithExtenderT: 4 },
  ] as const;
  const counted = (isPutBack: boolean) =>
    countedLimits(passed, isPutBack, ['totalCapacity']).map(({ id, overT }) => [id, overT]);
  expect(counted(false)).toEqual([
    ['largestCog', 2],
    ['totalCapacity', 4],
  ]);
  expect(counted(true)).toEqual([['totalCapacity', 4]]);
});

test('whatever is swapped for whatever: no chain is left that fails big-big, and none is cut that must not be', () => {
  fc.assert(
    fc.property(
      setupArbitrary(),
      setupArbitrary(),
      fc.record({
        chain: fc.constantFrom(...CHAIN_CHOICES),
        alternates: fc.boolean(),
        newChain: fc.boolean(),
        isReturn: fc.boolean(),
        growthMm: fc.constantFrom(0, 25),
        links: fc.option(
          fc.integer({ min: 40, max: 80 }).map((pairs) => 2 * pairs),
          { nil: undefined },
        ),
        typed: fc.option(
          fc.integer({ min: 40, max: 80 }).map((pairs) => 2 * pairs),
          { nil: undefined },
        ),
        speeds: fc.option(fc.integer({ min: 8, max: 13 }), { nil: undefined }),
        cage: fc.option(fc.integer({ min: 50, max: 110 }), { nil: undefined }),
      }),
      (fromSetup, toSetup, { growthMm, links, typed, speeds, cage, ...wishes }) => {
        const rear = { rearDerailleur: cage === undefined ? {} : { cageLengthMm: cage } };
        const parts = { parts: speeds === undefined ? {} : { chainSpeeds: speeds } };
        const card = cardTo(
          { setup: toSetup, chainLinks: typed, ...rear, ...parts },
          {
            ...wishes,
            from: build({ setup: fromSetup, chainLinks: links, ...rear, ...parts }),
            fit: { suspensionGrowthMm: growthMm },
          },
        );
        const { chain } = card.difference;
        const stayMm = 430 + growthMm;
        const need = ({ chainrings, cogs }: typeof toSetup) =>
          chainLinks({ chainrings, cogs, chainstayMm: stayMm, geometry: undefined }).bigBigPlusTwo;
        const least = wishes.alternates ? Math.max(need(toSetup), need(fromSetup)) : need(toSetup);
        if (chain.linksAfter !== undefined) expect(chain.linksAfter).toBeGreaterThanOrEqual(least);
        else expect(chain).toMatchObject({ action: 'leave', reason: 'notCounted' });
        if (chain.action === 'shorten') {
          expect(chain.linksNow).toBeGreaterThan(chain.linksAfter!);
          expect((chain.linksNow! - chain.linksAfter!) % 2).toBe(0);
          // A chain is shortened only on request or if it hangs slack.
          expect(wishes.chain === 'fit' || chain.present!.smallSmall === 'fails').toBe(true);
        }
        const differs = fromSetup.cogs.length !== toSetup.cogs.length;
        if (differs && speeds === undefined) expect(chain.action).toBe('ask');
        for (const { readings } of workSteps(card.steps)) {
          for (const { target, window } of readings) {
            if (target !== undefined && window?.min !== undefined) expect(target).toBeGreaterThanOrEqual(window.min);
          }
        }
      },
    ),
    { ...SEEDED, numRuns: cases(50) },
  );
});

test('whatever is swapped: what moves has a step, and sums are those of the list', () => {
  fc.assert(
    fc.property(setupArbitrary(), setupArbitrary(), (from, to) => {
      const card = cardTo({ setup: to }, { from: build({ setup: from }) });
      const has = (what: string) => [...card.off, ...card.on].some((item) => item.what === what);
      const sum = (items: JobCard['on']) => items.reduce((all, { massG = 0 }) => all + massG, 0);
      if (card.massChange.grams !== undefined && card.massChange.unweighed.length === 0) {
        expect(card.massChange.grams).toBeCloseTo(sum(card.on) - sum(card.off), 6);
      }
      const total = card.cost.sums.reduce((all, one) => all + one.sum, 0);
      expect(total).toBeCloseTo(
        card.buy.reduce((all, { price = 0 }) => all + price, 0),
        6,
      );
      const ids = stepIds(card);
      expect(has('cassette')).toBe(ids.includes('cassetteOn'));
      expect(has('frontDerailleur')).toBe(ids.includes('frontOn') || ids.includes('frontOff'));
      if (card.off.some(({ what }) => what === 'bigRing')) expect(ids).toContain('ringsOff');
    }),
    { ...SEEDED, numRuns: cases(50) },
  );
});
