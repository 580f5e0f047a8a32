import { scheduleAfterPaint } from './schedule-after-paint';

let frames: Map<number, () => void>;
let messages: (() => void)[];

/** Delivers its messages when the test calls for them. */
class Channel {
  private isClosed = false;
  readonly port1 = {
    onmessage: (): void => undefined,
    close: () => {
      this.isClosed = true;
    },
  };
  readonly port2 = {
    postMessage: () => messages.push(() => (this.isClosed ? undefined : this.port1.onmessage())),
  };
}

const frameIsOut = () => {
  for (const tell of messages.splice(0)) tell();
};
const showFrame = () => {
  const waiting = [...frames.values()];
  frames.clear();
  for (const one of waiting) one();
};

beforeEach(() => {
  jest.useFakeTimers();
  frames = new Map();
  messages = [];
  let last = 0;
  Object.assign(globalThis, {
    MessageChannel: Channel,
    requestAnimationFrame: (draw: () => void) => {
      last += 1;
      frames.set(last, draw);
      return last;
    },
    cancelAnimationFrame: (id: number) => frames.delete(id),
  });
});
const { MessageChannel } = globalThis;
afterEach(() => {
  jest.useRealTimers();
  Object.assign(globalThis, { MessageChannel });
});

test('it is done after the frame, not in it, once and in order', () => {
  const done: string[] = [];
  scheduleAfterPaint(() => done.push('first'));
  scheduleAfterPaint(() => done.push('second'));
  jest.advanceTimersByTime(50);
  showFrame();
  jest.advanceTimersByTime(1000);
  expect(done).toEqual([]);
  frameIsOut();
  expect(done).toEqual([]);
  jest.advanceTimersByTime(16);
  expect(done).toEqual(['first', 'second']);
  showFrame();
  frameIsOut();
  jest.advanceTimersByTime(1000);
  expect(done).toHaveLength(2);
});

test('a page out of sight has no frames: it is done all the same, once', () => {
  const work = jest.fn();
  scheduleAfterPaint(work);
  jest.advanceTimersByTime(99);
  expect(work).not.toHaveBeenCalled();
  jest.advanceTimersByTime(1);
  showFrame();
  frameIsOut();
  jest.advanceTimersByTime(1000);
  expect(work).toHaveBeenCalledTimes(1);
});

test.each(['before its frame', 'in it', 'after it'])('what is left is not done: left %s', (when) => {
  const work = jest.fn();
  const leave = scheduleAfterPaint(work);
  if (when !== 'before its frame') showFrame();
  if (when === 'after it') frameIsOut();
  leave();
  showFrame();
  frameIsOut();
  jest.advanceTimersByTime(1000);
  expect(work).not.toHaveBeenCalled();
});
