// What a page is asked in the bench; each runs in the page itself.

/** Asks the page to note, for each key pressed, the milliseconds until what it changed was painted. */
export const WATCH_KEYS = `
  window.keyTimes = [];
  addEventListener('keydown', () => {
    const pressed = performance.now();
    let waits = true;
    const seen = new MutationObserver(() => {
      if (!waits) return;
      waits = false;
      seen.disconnect();
      // After the next frame's styles and layout: a message posted in it comes when it has been painted.
      requestAnimationFrame(() => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => window.keyTimes.push(performance.now() - pressed);
        port2.postMessage(0);
      });
    });
    seen.observe(document.querySelector(window.watched), { subtree: true, childList: true, attributes: true, characterData: true });
  }, true);`;

/** Opens a page by its link, as a person does; answers with the milliseconds from the click until it was painted. */
export const OPEN = `
  const [link, shown, done] = arguments;
  const began = performance.now();
  const painted = () => requestAnimationFrame(() => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => done(performance.now() - began);
    port2.postMessage(0);
  });
  const seen = new MutationObserver(() => {
    if (location.pathname !== link || !document.querySelector(shown)) return;
    seen.disconnect();
    painted();
  });
  seen.observe(document.body, { subtree: true, childList: true });
  document.querySelector('nav a[href="' + link + '"]').click();`;
