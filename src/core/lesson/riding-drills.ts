import { atLeast } from '../numbers';
import { clicksBetween, coverage, developedGears, shiftPath, type Hole } from '../gears';
import { anyDrivetrain, oneRing, twoRings } from './drivetrain';
import { apart, name, neighbours, setupName, shown, type Maker } from './making';
import type { Seeded } from './seeded';

/** Nothing hangs on the wheel where gears are compared: a hole is one on any. */
const ANY_ROLLOUT_MM = 2100;
const OPTIONS_MAX = 4;

/** A single ring, a band and the one widest hole that they leave. */
function drivetrainWithHole(random: Seeded) {
  for (;;) {
    const setup = oneRing(random);
    const lowRpm = random.whole(75, 90);
    const band = { lowRpm, highRpm: lowRpm + random.whole(6, 14) };
    const gears = developedGears(setup, ANY_ROLLOUT_MM);
    const step = ({ above, below }: Hole) => above.ratio / below.ratio;
    const [widest, next] = [...coverage(gears, band).holes].sort((a, b) => step(b) - step(a));
    // 14 ÷ 12 and 21 ÷ 18 are the same step, and no question.
    const isAlone = !next || !atLeast(step(next), step(widest!));
    if (widest && isAlone && gears.length > OPTIONS_MAX) return { setup, band, gears, widest };
  }
}

/** What gears mean while one rides. */
export const RIDING_DRILLS = {
  cadenceAfterShift: (random) => {
    const [easier, harder] = neighbours(random, anyDrivetrain(random));
    const toHarder = random.next() < 0.5;
    const [from, to] = toHarder ? [easier, harder] : [harder, easier];
    const before = random.whole(65, 100);
    const after = (before * from.ratio) / to.ratio;
    return {
      text: `You turn ${before} rpm in ${name(from)} and shift to ${name(to)} at the same speed. What is your cadence then?`,
      answer: { kind: 'number', value: after, unit: 'rpm', tolerance: 1, decimals: 0 },
      working: [
        `the speed stays, so cadence × ratio stays: ${before} × ${from.chainring}/${from.cog} = ? × ${to.chainring}/${to.cog}`,
        `${before} × ${to.cog} ÷ ${from.cog} = ${shown(after, 1)} rpm`,
      ],
      mistakes: apart(after, 1, [
        {
          mistake: 'otherWay',
          value: (before * to.ratio) / from.ratio,
          why: `To a ${toHarder ? 'harder' : 'easier'} gear the cadence ${toHarder ? 'falls' : 'rises'}: the teeth stand the other way round.`,
        },
        {
          mistake: 'teethForPercent',
          value: before * (1 + ((toHarder ? -1 : 1) * Math.abs(to.cog - from.cog)) / 100),
          why: `${Math.abs(to.cog - from.cog)} teeth were taken for percent.`,
        },
      ]),
    };
  },
  ringClicks: (random) => {
    let setup = twoRings(random);
    // Without a change of ring and cog at once there is nothing to soften.
    while (shiftPath(setup).crossovers.every(({ rearClicks }) => rearClicks === 0)) setup = twoRings(random);
    const crossover = shiftPath(setup).crossovers.find(({ rearClicks }) => rearClicks > 0)!;
    const { from, to } = crossover.step;
    const clicks = clicksBetween(setup, to, from);
    return {
      text: `${setupName(setup)}: you drop from ${name(to)} to the ${from.chainring}T ring. How many rear clicks bring you to ${name(from)}, the next easier gear of the path?`,
      answer: { kind: 'number', value: Math.abs(clicks), unit: 'clicks', tolerance: 0, decimals: 0 },
      working: [
        `from the ${to.cog} to the ${from.cog} there are ${Math.abs(clicks)} cogs`,
        `left is a step of ${shown((from.ratio / to.ratio - 1) * 100, 1)} %, instead of ${shown((from.chainring / to.chainring - 1) * 100, 1)} % without a click`,
      ],
      mistakes: [],
    };
  },
  hole: (random) => {
    const { setup, band, gears, widest } = drivetrainWithHole(random);
    const pairs = gears.slice(1).map((harder, i) => ({ easier: gears[i]!, harder }));
    const right = pairs.find(({ easier }) => easier.cog === widest.below.cog)!;
    const others = random.shuffled(pairs.filter((pair) => pair !== right)).slice(0, OPTIONS_MAX - 1);
    const options = [right, ...others].sort((a, b) => a.easier.ratio - b.easier.ratio);
    const step = right.harder.ratio / right.easier.ratio;
    const wide = band.highRpm / band.lowRpm;
    return {
      text: `${setupName(setup)}, and a rider who keeps ${band.lowRpm} to ${band.highRpm} rpm: between which neighbours is the widest hole in speed?`,
      answer: {
        kind: 'choice',
        options: options.map(({ easier, harder }) => `${name(easier)} and ${name(harder)}`),
        right: options.indexOf(right),
      },
      working: [
        `the band reaches over a step of ${band.highRpm} ÷ ${band.lowRpm} = ${shown(wide, 3)}`,
        `${name(right.easier)} to ${name(right.harder)} is ${right.easier.cog} ÷ ${right.harder.cog} = ${shown(step, 3)}, the most past it`,
      ],
      mistakes: [],
    };
  },
} satisfies Readonly<Record<string, Maker>>;
