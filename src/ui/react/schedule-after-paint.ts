/** By so long after a frame, what was scheduled together with it has run as well. */
const GRACE_MS = 16;
/** Timeout where no frame comes because the page is hidden. */
const WITHOUT_FRAME_MS = 100;

/**
 * Schedules work for after the next paint, so that the paint does not wait for it. Work runs in the order in which it was
 * scheduled.
 * @returns cancels it, unless it has begun
 */
export function scheduleAfterPaint(work: () => void): () => void {
  let timer = setTimeout(begin, WITHOUT_FRAME_MS);
  const { port1, port2 } = new MessageChannel();
  // A message posted in a frame comes when that is out; a timer begun in it may come sooner than what waits for it.
  const frame = requestAnimationFrame(() => {
    clearTimeout(timer);
    port2.postMessage(undefined);
  });
  port1.onmessage = () => {
    timer = setTimeout(begin, GRACE_MS);
  };
  function leave() {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
    port1.close();
  }
  function begin() {
    leave();
    work();
  }
  return leave;
}
