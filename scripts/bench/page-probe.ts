// What a page is asked in the bench; each runs in the page itself.

/**
 * Asks the page to note, for each key pressed, the milliseconds until what it changed was painted: until the frame after
 * the field had its text was out, and until a change in the place that is watched was one by which it shows it.
 */
export const WATCH_KEYS = `
  window.keyTimes = [];
  addEventListener('keydown', () => {
    const pressed = performance.now();
    let waitsFor = 2;
    const happened = () => {
      waitsFor -= 1;
      if (waitsFor === 0) window.keyTimes.push(performance.now() - pressed);
    };
    const seen = new MutationObserver((changes) => {
      if (!changes.some(window.isShown)) return;
      seen.disconnect();
      happened();
    });
    seen.observe(document.querySelector(window.watched), { subtree: true, childList: true, attributes: true, characterData: true });
    // After the next frame's styles and layout: a message posted in it comes when it has been painted.
    addEventListener('input', () => requestAnimationFrame(() => {
      const { port1, port2 } = new MessageChannel();
      port1.onmessage = happened;
      port2.postMessage(0);
    }), { capture: true, once: true });
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
