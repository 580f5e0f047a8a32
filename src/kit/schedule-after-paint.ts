/** So long after a frame is out, what came with it from elsewhere has been shown and told, too. */
const GRACE_MS = 16;
/** Where no frame comes, because the page is out of sight, one waits no longer for it. */
const WITHOUT_FRAME_MS = 100;

/**
 * Does something once the browser has shown what stands now: what is on the way to the screen does not wait for it.
 * Works asked for one after the other are done in that order.
 * @returns leaves it undone, where it has not begun
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
