// The second half of npm run bench: how fast the built app is in a real browser on this machine. Measured, never asserted.
import { AppInBrowser } from '../tests/browser/harness';
import { median, quantile } from './bench/figures';
import { barePageBytes, bytesOfWhole, pageBytes } from './bench/first-load';
import { GROWING, growthOf } from './bench/growth';
import { coldLoadMs, stageChangeMs } from './bench/opening';
import { bareTypingMs, typingMs } from './bench/typing';
import { build, installBrowser } from './prepare.mjs';

const KB = 1000;

const say = (name: string, figures: string) => console.log(`${name.padEnd(46)} ${figures}`);
const ms = (values: readonly number[]) =>
  `p50 ${median(values).toFixed(0)} ms, p95 ${quantile(values, 0.95).toFixed(0)} ms of ${values.length}`;

async function main(): Promise<void> {
  installBrowser();
  build();
  const app = await AppInBrowser.start('demo', undefined, []);
  try {
    for (const slowDown of [1, 4]) {
      const bare = await bareTypingMs(app, slowDown);
      say(`key to painted, bare page, ${slowDown} x slower`, ms(bare));
      for (const path of ['/gears', '/compare']) {
        const own = await typingMs(app, path, slowDown);
        const ratio = (median(own) / median(bare)).toFixed(1);
        say(`tooth edit to painted, ${path}, ${slowDown} x slower`, `${ms(own)}, ${ratio} x the bare page`);
      }
    }
    say('stage change, click to painted', ms(await stageChangeMs(app)));
    say('cold load of Gears, to its ladder', ms(await coldLoadMs(app)));
    for (const growing of GROWING) {
      const { name, byLinkMs, withPageMs } = await growthOf(app, growing);
      const grown = ([few, many]: readonly [number, number]) =>
        `${few.toFixed(0)} → ${many.toFixed(0)} ms, ${(many / few).toFixed(2)} x`;
      say(name, `by link ${grown(byLinkMs)}; with the page ${grown(withPageMs)}`);
    }
    const bare = barePageBytes();
    for (const path of ['/needs', '/gears', '/compare', '/compatibility', '/settings']) {
      const own = await pageBytes(`${app.url}${path}`);
      say(
        `first-load scripts of ${path}`,
        `${(own / KB).toFixed(0)} KB, ${(own / bare).toFixed(2)} x a bare page of the library (${(bare / KB).toFixed(0)} KB)`,
      );
    }
    for (const path of ['/needs', '/gears', '/compare', '/compatibility']) {
      const whole = await bytesOfWhole(app, path);
      say(`scripts of ${path}, all of it on screen`, `${(whole / KB).toFixed(0)} KB, ${(whole / bare).toFixed(2)} x`);
    }
  } finally {
    await app.stop();
  }
}

void main();
