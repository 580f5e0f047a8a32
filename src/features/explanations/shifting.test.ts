import { TOURER } from '../../../tests/support/setups';
import { shiftPath } from '../../core/gears';
import { crossoverWords } from './shifting';

const [crossover] = shiftPath(TOURER, 2).crossovers;
const PER_PUSH = { easier: 3, harder: 2 };

test('a crossover by a lever of its own says what both hands do', () => {
  const { easier, harder } = crossoverWords(crossover!, TOURER, PER_PUSH);
  expect(easier).toMatch(/^At the \d+, drop to the 32 ring and go \d clicks? harder \(\d push(es)?\): −?-?\d/);
  expect(harder).toMatch(/^At the \d+, change up to the 48 ring and go \d clicks? easier/);
});

test('where the system shifts the front, it says what the system does, and to ease off', () => {
  for (const control of ['automatic', 'sequential'] as const) {
    const { easier, harder } = crossoverWords(crossover!, TOURER, PER_PUSH, control);
    expect(easier).toMatch(
      /^At the \d+, the system drops to the 32 ring, and the rear by \d clicks?; ease off while it moves: /,
    );
    expect(harder).toMatch(
      /^At the \d+, the system changes up to the 48 ring, and the rear by \d clicks?; ease off while it moves: \+/,
    );
  }
});
