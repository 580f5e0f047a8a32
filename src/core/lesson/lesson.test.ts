import { chainLinks, requiredCapacityT } from '../fit';
import { checkSetup, shiftPath } from '../gears';
import { anyDrivetrain, oneRing, twoRings } from './drivetrain';
import { DRILL_KINDS, drill, type DrillKind } from './drills';
import { MISTAKES, grade, type Mistake } from './question';
import { Seeded } from './seeded';

const SEEDS = Array.from({ length: 1000 }, (_, i) => i * 7919 + 1);
const every = (kind: DrillKind, check: (question: ReturnType<typeof drill>) => void) => {
  for (const seed of SEEDS) check(drill(kind, seed));
};
/** Gears that a text names, as ring and cog. */
const gearsIn = (text: string) =>
  [...text.matchAll(/\b(\d+)\/(\d+)\b/g)].map(([, ring, cog]) => [Number(ring), Number(cog)] as const);
const number = ({ answer }: ReturnType<typeof drill>) => {
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

test('drivetrains are real ones', () => {
  for (const seed of SEEDS) {
    for (const make of [oneRing, twoRings, anyDrivetrain]) expect(checkSetup(make(new Seeded(seed)))).toEqual([]);
  }
});

test.each(DRILL_KINDS)('%s: whole sentences, the same for the same seed, seldom the same for another', (kind) => {
  const texts = new Set<string>();
  const changed: number[] = [];
  const broken: number[] = [];
  every(kind, (question) => {
    if (JSON.stringify(question) !== JSON.stringify(drill(kind, question.seed))) changed.push(question.seed);
    const said = [question.text, ...question.working, ...question.mistakes.map(({ why }) => why)].join(' ');
    if (/undefined|NaN|Infinity/.test(said) || question.working.length === 0) broken.push(question.seed);
    texts.add(question.text + JSON.stringify(question.answer));
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
  every('harderOrEasier', ({ text, answer }) => {
    const [[r1, c1], [r2, c2]] = gearsIn(text) as [readonly [number, number], readonly [number, number]];
    expect(answer).toMatchObject({ right: r2 * c1 > r1 * c2 ? 0 : 1 });
  });
  every('howMuch', (question) => {
    const [[, harder], [, easier]] = gearsIn(question.text) as [readonly [number, number], readonly [number, number]];
    expect(number(question).value).toBeCloseTo((easier / harder) * 100 - 100, 9);
  });
  every('ratio', (question) => {
    const [[ring, cog]] = gearsIn(question.text) as [readonly [number, number]];
    expect(number(question).value).toBeCloseTo(ring / cog, 12);
  });
  every('cadenceAfterShift', (question) => {
    const [[, c1], [, c2]] = gearsIn(question.text) as [readonly [number, number], readonly [number, number]];
    const rpm = Number(/turn (\d+) rpm/.exec(question.text)![1]);
    expect(number(question).value).toBeCloseTo((rpm * c2) / c1, 9);
  });
  every('order', ({ answer }) => {
    if (answer.kind !== 'order') throw new Error('no order');
    const ratios = answer.right.map((i) => {
      const [ring, cog] = answer.items[i]!.split('/').map(Number);
      return ring! / cog!;
    });
    expect(ratios).toEqual([...ratios].sort((a, b) => a - b));
    expect(new Set(ratios).size).toBe(4);
  });
  every('twin', ({ text, answer }) => {
    if (answer.kind !== 'choice') throw new Error('no choice');
    const [ring, cog] = gearsIn(text).at(-1)!;
    const twins = answer.options.map((option) => gearsIn(option)[0]!).map(([r, c]) => r * cog === ring * c);
    expect(twins.filter(Boolean)).toHaveLength(1);
    expect(twins[answer.right]).toBe(true);
  });
});

test('holes and plans, worked out another way from the text', () => {
  every('hole', ({ text, answer }) => {
    if (answer.kind !== 'choice') throw new Error('no choice');
    const [, cogsText] = /with ([\d-]+),/.exec(text)!;
    const cogs = cogsText!.split('-').map(Number);
    const [, low, high] = /keeps (\d+) to (\d+) rpm/.exec(text)!;
    const steps = cogs.slice(1).map((cog, i) => cog / cogs[i]!);
    const widest = steps.indexOf(Math.max(...steps));
    expect(steps[widest]!).toBeGreaterThan(Number(high) / Number(low));
    const [[, easier], [, harder]] = gearsIn(answer.options[answer.right]!) as [
      readonly [number, number],
      readonly [number, number],
    ];
    expect([easier, harder]).toEqual([cogs[widest + 1], cogs[widest]]);
    expect(answer.options).toHaveLength(4);
  });
  const answers = new Set<number>();
  every('plan', ({ text, answer }) => {
    if (answer.kind !== 'choice') throw new Error('no choice');
    const [, rings, links, cogsText] = /with ([\d/]+) and a chain of (\d+) links is to have a cassette ([\d-]+)/.exec(
      text,
    )!;
    const [, capacity, largest] = /sheet: (\d+)T in all, largest cog (\d+)T/.exec(text)!;
    const needed = Number(/asks for (\d+) links/.exec(text)![1]);
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
  const setupOf = (text: string) => {
    const [, rings, cogs] = /^([\d/]+) with ([\d-]+):/.exec(text)!;
    return { chainrings: rings!.split('/').map(Number), cogs: cogs!.split('-').map(Number), hubStages: [1] };
  };
  every('capacity', (question) => expect(number(question).value).toBe(requiredCapacityT(setupOf(question.text))));
  every('takes', (question) => {
    const [, published] = /sheet says (\d+)T/.exec(question.text)!;
    const setup = setupOf(question.text.replace(', and a', ':'));
    expect(number(question).value).toBe(Number(published) - requiredCapacityT(setup));
  });
  every('ringClicks', (question) => {
    const clicks = shiftPath(setupOf(question.text)).crossovers.map(({ rearClicks }) => rearClicks);
    expect(clicks).toContain(number(question).value);
  });
  every('links', (question) => {
    const direct = Number(/takes ([\d.]+) links/.exec(question.text)![1]);
    const { value } = number(question);
    expect(value % 2).toBe(0);
    // The text is rounded to a hundredth.
    expect(value - 2).toBeGreaterThanOrEqual(direct - 0.005);
    expect(value - 2).toBeLessThan(direct + 2.005);
  });
  expect(chainLinks({ chainrings: [48], cogs: [36], chainstayMm: 430, geometry: undefined }).bigBigPlusTwo).toBe(112);
});

/** The mistakes that a trainer must know, by questions at which each leads to an answer of its own. */
test('the common mistakes are known by their name', () => {
  const seen = new Set<Mistake>();
  for (const kind of DRILL_KINDS) {
    for (const seed of SEEDS.slice(0, 300)) {
      const question = drill(kind, seed);
      for (const known of question.mistakes) {
        if (grade(question, known.value).mistake?.mistake === known.mistake) seen.add(known.mistake);
      }
    }
  }
  expect([...seen].sort()).toEqual([...MISTAKES].sort());
});
