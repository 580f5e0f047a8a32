import { afterFrame } from './after-frame';

let frames: Map<number, () => void>;
const showFrame = () => {
  const waiting = [...frames.values()];
  frames.clear();
  for (const one of waiting) one();
};

beforeEach(() => {
  jest.useFakeTimers();
  frames = new Map();
  let last = 0;
  Object.assign(globalThis, {
    requestAnimationFrame: (draw: () => void) => {
      last += 1;
      frames.set(last, draw);
      return last;
    },
    cancelAnimationFrame: (id: number) => frames.delete(id),
  });
});
afterEach(() => jest.useRealTimers());

test('it is done after the frame, not in it, once and in order', () => {
  const done: string[] = [];
  afterFrame(() => done.push('first'));
  afterFrame(() => done.push('second'));
  jest.advanceTimersByTime(50);
  showFrame();
  expect(done).toEqual([]);
  jest.advanceTimersByTime(0);
  expect(done).toEqual(['first', 'second']);
  jest.advanceTimersByTime(1000);
  showFrame();
  expect(done).toHaveLength(2);
});

test('a page out of sight has no frames: it is done all the same, once', () => {
  const work = jest.fn();
  afterFrame(work);
  jest.advanceTimersByTime(99);
  expect(work).not.toHaveBeenCalled();
  jest.advanceTimersByTime(1);
  showFrame();
  jest.advanceTimersByTime(1000);
  expect(work).toHaveBeenCalledTimes(1);
});

test.each(['before', 'after'])('what is left is not done, %s its frame', (when) => {
  const work = jest.fn();
  const leave = afterFrame(work);
  if (when === 'after') showFrame();
  leave();
  showFrame();
  jest.advanceTimersByTime(1000);
  expect(work).not.toHaveBeenCalled();
});
