import { learnedTimes } from './times';

test('step times are medians of finished jobs of the same kind, with their count', () => {
  const minutes = (value: number) => value * 60_000;
  const timed = [4, 6, 11].map((wheel) => ({
    kind: 'cassette' as const,
    runs: [{ fromMs: 0, toMs: minutes(60) }],
    progress: {
      wheelOut: { doneAtMs: minutes(wheel) },
      cassetteOff: { doneAtMs: minutes(wheel + 3) },
      // Ticked along with the one before it.
      spacer: { doneAtMs: minutes(wheel + 3) + 500 },
    },
  }));
  const times = learnedTimes(timed);
  expect(times.cassette).toEqual({
    wheelOut: { minutes: 6, count: 3 },
    cassetteOff: { minutes: 3, count: 3 },
  });
  // A pause of the clock is no time of a step; one job alone says little.
  const paused = {
    ...timed[0]!,
    runs: [
      { fromMs: 0, toMs: minutes(1) },
      { fromMs: minutes(3), toMs: minutes(60) },
    ],
  };
  expect(learnedTimes([paused, paused]).cassette!.wheelOut).toEqual({ minutes: 2, count: 2 });
  expect(learnedTimes([paused]).cassette).toEqual({});
});
