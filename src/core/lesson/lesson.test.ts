import { drillText } from '../../messages/drills';
import { chainLinks, requiredCapacityT } from '../fit';
import { shiftPath } from '../gears';
import { Drivetrains } from './drivetrain';
import { drill, newDrill } from './drills';
import { DRILL_KINDS, type DrillKind } from './kinds';
import { LEVELS, type Level } from './level';
import { fingerprintOf, grade } from './question';
import { Seeded } from './seeded';
import { worksheet } from './worksheet';
import { cases } from '../../../tests/support/fuzz';

const SEEDS = Array.from({ length: cases(60) }, (_, i) => i * 7919 + 1);
type Asked = ReturnType<typeof drill>;

const made = new Map<DrillKind, readonly { readonly level: Level; readonly question: Asked }[]>();
/** Questions of each level and seed; made once, for making them takes longest. */
function questionsOf(kind: DrillKind) {
  if (!made.has(kind)) {
    const all = LEVELS.flatMap((level) => SEEDS.map((seed) => ({ level, question: drill(kind, seed, { level }) })));
    made.set(kind, all);
  }
  return made.get(kind)!;
}
/** A question with its text in words. */
type Said = Asked & { readonly said: string };
const every = (kind: DrillKind, check: (question: Said, level: Level) => void) => {
  for (const { level, question } of questionsOf(kind)) check({ ...question, said: drillText(question.text) }, level);
};
/** Gears that a text names, as ring and cog. */
const gearsIn = (text: string) =>
  [...text.matchAll(/\b(\d+)\/(\d+)\b/g)].map(([, ring, cog]) => [Number(ring), Number(cog)] as const);
const number = ({ answer }: Asked) => {
  if (answer.kind !== 'number') throw new Error('no number');
  return answer;
};

test('numbers of a seed are its own, spread over their range, and the same each time', () => {
  const list = (seed: number) =>
    Array.from({ length: 2000 }, (_, i, random = new Seeded(seed + i)) => random.whole(1, 6));
  expect(list(1)).toEqual(list(1));
  const counts = [1, 2, 3, 4, 5, 6].map((face) => list(1).filter((one) => one === face).length);
  for (const count of counts) expect(Math.abs(count - 2000 / 6)).toBeLessThan(80);
  const random = new Seeded(4);
  const shuffled = random.shuffled([1, 2, 3, 4, 5]);
  expect([...shuffled].sort()).toEqual([1, 2, 3, 4, 5]);
  for (let i = 0; i < 1000; i += 1) {
    const value = random.next();
    expect(value >= 0 && value < 1).toBe(true);
  }
});

test('every other question is about a drivetrain of one’s own, where one suits', () => {
  const own = { chainrings: [41, 27], cogs: [11, 13, 16, 19, 23, 29, 35], hubStages: [1] };
  const drivetrains = new Drivetrains([own, { ...own, hubStages: [1, 1.38] }]);
  const drawn = Array.from({ length: 1000 }, (_, seed) => drivetrains.draw(new Seeded(seed), 'two'));
  const share = drawn.filter((one) => one === own).length / drawn.length;
  expect(share).toBeGreaterThan(0.45);
  expect(share).toBeLessThan(0.55);
  expect(SEEDS.some((seed) => drivetrains.draw(new Seeded(seed), 'one') === own)).toBe(false);
  expect(drivetrains.draw(new Seeded(1), 'any', (one) => one !== own)).not.toBe(own);
});

test('a question that was asked lately does not come again; a sheet has no two alike', () => {
  const lately: number[] = [];
  for (let asked = 0; asked < 60; asked += 1) {
    const question = newDrill('harderOrEasier', 5, { level: 1 }, lately);
    expect(lately).not.toContain(fingerprintOf(question));
    lately.push(fingerprintOf(question));
  }
  for (const seed of SEEDS.slice(0, 50)) {
    const sheet = worksheet(['duplicate', 'ratio', 'capacity'], 12, seed, { level: 2 });
    expect(sheet.map(({ kind }) => kind).slice(0, 4)).toEqual(['duplicate', 'ratio', 'capacity', 'duplicate']);
    expect(new Set(sheet.map(fingerprintOf)).size).toBe(12);
  }
});

test.each(DRILL_KINDS)('%s: whole sentences, the same for the same seed, seldom the same for another', (kind) => {
  const texts = new Set<string>();
  const changed: number[] = [];
  const broken: number[] = [];
  every(kind, (question, level) => {
    const isProbe = question.seed % 10 === 0;
    if (
      isProbe &&
      JSON.stringify(question) !== JSON.stringify({ ...drill(kind, question.seed, { level }), said: question.said })
    ) {
      changed.push(question.seed);
    }
    const said = [question.text, ...question.working, ...question.mistakes.map(({ why }) => why)]
      .map(drillText)
      .join(' ');
    if (/undefined|NaN|Infinity/.test(said) || question.working.length === 0) broken.push(question.seed);
    texts.add(question.said + JSON.stringify(question.answer));
  });
  expect({ changed, broken }).toEqual({ changed: [], broken: [] });
  expect(texts.size).toBeGreaterThan(SEEDS.length * 0.3);
});

test.each(DRILL_KINDS)('%s: the right answer is right, every known mistake is wrong and is known', (kind) => {
  const unsound: number[] = [];
  every(kind, (question) => {
    const { answer, mistakes } = question;
    const right = answer.kind === 'number' ? answer.value : answer.right;
    const isSound =
      grade(question, right).isRight &&
      !grade(question, NaN).isRight &&
      !grade(question, [9, 9]).isRight &&
      mistakes.every(({ value }) => {
        const told = grade(question, value);
        return !told.isRight && told.mistake !== undefined;
      });
    if (!isSound) unsound.push(question.seed);
  });
  expect(unsound).toEqual([]);
});

test('answers, worked out another way from the text alone', () => {
  every('harderOrEasier', ({ said, answer }) => {
    const [[r1, c1], [r2, c2]] = gearsIn(said) as [readonly [number, number], readonly [number, number]];
    expect(answer).toMatchObject({ right: r2 * c1 > r1 * c2 ? 0 : 1 });
  });
  every('howMuch', (question) => {
    const [[, harder], [, easier]] = gearsIn(question.said) as [readonly [number, number], readonly [number, number]];
    expect(number(question).value).toBeCloseTo((easier / harder) * 100 - 100, 9);
  });
  every('ratio', (question) => {
    const [[ring, cog]] = gearsIn(question.said) as [readonly [number, number]];
    expect(number(question).value).toBeCloseTo(ring / cog, 12);
  });
  every('cadenceAfterShift', (question) => {
    const [[r1, c1], [r2, c2]] = gearsIn(question.said) as [readonly [number, number], readonly [number, number]];
    const rpm = Number(/at (\d+) rpm/.exec(question.said)![1]);
    expect(number(question).value).toBeCloseTo((rpm * r1 * c2) / (c1 * r2), 9);
  });
  every('order', ({ answer }, level) => {
    if (answer.kind !== 'order') throw new Error('no order');
    expect(answer.items).toHaveLength(level + 2);
    // What is in order already is no question.
    expect(answer.right).not.toEqual(answer.items.map((_, i) => i));
    const ratios = answer.right.map((i) => {
      const [ring, cog] = answer.items[i]!.split('/').map(Number);
      return ring! / cog!;
    });
    expect(ratios).toEqual([...ratios].sort((a, b) => a - b));
    expect(new Set(ratios).size).toBe(answer.items.length);
  });
  every('duplicate', ({ said, answer }) => {
    if (answer.kind !== 'choice') throw new Error('no choice');
    const [ring, cog] = gearsIn(said).at(-1)!;
    const duplicates = answer.options
      .map((option) => gearsIn(drillText(option))[0]!)
      .map(([r, c]) => r * cog === ring * c);
    expect(duplicates.filter(Boolean)).toHaveLength(1);
    expect(duplicates[answer.right]).toBe(true);
  });
});

test('gaps and plans, worked out another way from the text', () => {
  every('gap', ({ said, answer }, level) => {
    if (answer.kind !== 'choice') throw new Error('no choice');
    const [, cogsText] = /with ([\d-]+),/.exec(said)!;
    const cogs = cogsText!.split('-').map(Number);
    const [, low, high] = /range of (\d+) to (\d+) rpm/.exec(said)!;
    const steps = cogs.slice(1).map((cog, i) => cog / cogs[i]!);
    const widest = steps.indexOf(Math.max(...steps));
    expect(steps[widest]!).toBeGreaterThan(Number(high) / Number(low));
    const [[, easier], [, harder]] = gearsIn(drillText(answer.options[answer.right]!)) as [
      readonly [number, number],
      readonly [number, number],
    ];
    expect([easier, harder]).toEqual([cogs[widest + 1], cogs[widest]]);
    expect(answer.options).toHaveLength(level + 2);
  });
  const answers = new Set<number>();
  every('plan', ({ said, answer }) => {
    if (answer.kind !== 'choice') throw new Error('no choice');
    const [, rings, links, cogsText] = /with ([\d/]+) and a chain of (\d+) links is to get a cassette ([\d-]+)/.exec(
      said,
    )!;
    const [, capacity, largest] = /derailleur: (\d+)T capacity, largest cog (\d+)T/.exec(said)!;
    const needed = Number(/cassette needs (\d+) links/.exec(said)![1]);
    const chainrings = rings!.split('/').map(Number);
    const cogs = cogsText!.split('-').map(Number);
    const required = chainrings[0]! - chainrings.at(-1)! + cogs.at(-1)! - cogs[0]!;
    const wrong = [cogs.at(-1)! > Number(largest), required > Number(capacity), Number(links) < needed];
    expect(wrong.filter(Boolean).length).toBeLessThanOrEqual(1);
    expect(answer.right).toBe(wrong.includes(true) ? wrong.indexOf(true) : 3);
    answers.add(answer.right);
  });
  expect(answers.size).toBe(4);
});

test('capacity, links and clicks are those of core', () => {
  const setupOf = (said: string) => {
    const [, rings, cogs] = /^([\d/]+) with ([\d-]+)[:,]/.exec(said)!;
    return { chainrings: rings!.split('/').map(Number), cogs: cogs!.split('-').map(Number), hubStages: [1] };
  };
  every('capacity', (question, level) => {
    const setup = setupOf(question.said);
    const never = /never uses the \d+T ring with the ([\d, and]+)T/.exec(question.said);
    expect(never === null).toBe(level < 3);
    const count = never ? never[1]!.split(/, | and /).length : 0;
    const sums = setup.chainrings.flatMap((ring, place) =>
      setup.cogs.filter((_, i) => place !== setup.chainrings.length - 1 || i >= count).map((cog) => ring + cog),
    );
    expect(number(question).value).toBe(Math.max(...sums) - Math.min(...sums));
  });
  every('takes', (question) => {
    const [, published] = /capacity of (\d+)T/.exec(question.said)!;
    expect(number(question).value).toBe(Number(published) - requiredCapacityT(setupOf(question.said)));
  });
  every('ringClicks', (question) => {
    const clicks = shiftPath(setupOf(question.said)).crossovers.map(({ rearClicks }) => rearClicks);
    expect(clicks).toContain(number(question).value);
    expect(question.said).toContain('Do not use cross-chained gears: the big ring with its 2 largest cogs');
  });
  every('links', (question, level) => {
    const { value } = number(question);
    expect(value % 2).toBe(0);
    if (level === 3) {
      const [, stay, ring, cog] = /Chainstay (\d+) mm, largest ring (\d+)T, largest cog (\d+)T/
        .exec(question.said)!
        .map(Number);
      expect(value / 2).toBe(Math.ceil((2 * stay!) / 25.4 + ring! / 4 + cog! / 4 + 1));
      return;
    }
    const direct = Number(/takes ([\d.]+) links/.exec(question.said)![1]);
    // The text is rounded to a hundredth.
    expect(value - 2).toBeGreaterThanOrEqual(direct - 0.005);
    expect(value - 2).toBeLessThan(direct + 2.005);
  });
  expect(chainLinks({ chainrings: [48], cogs: [36], chainstayMm: 430, geometry: undefined }).bigBigPlusTwo).toBe(112);
});
