/** Where no frame comes, because the page is out of sight, one waits no longer for it. */
const WITHOUT_FRAME_MS = 100;

/**
 * Does something once the browser has shown what stands now: what is on the way to the screen does not wait for it.
 * Works asked for one after the other are done in that order.
 * @returns leaves it undone, where it has not begun
 */
export function afterFrame(work: () => void): () => void {
  let timer = setTimeout(begin, WITHOUT_FRAME_MS);
  // Asked for in a frame, a timer comes when that has been painted.
  const frame = requestAnimationFrame(() => {
    clearTimeout(timer);
    timer = setTimeout(begin);
  });
  function begin() {
    cancelAnimationFrame(frame);
    work();
  }
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}
