import { Front } from '../support/front';
import { AppInBrowser } from '../browser/harness';
import { VIEWS } from '../browser/views';

let front: Front;
const app = AppInBrowser.ofFile('demo', async (port) => (front = await Front.before(port)));
afterAll(() => front.stop());

test('after one visit every view opens by its address with the server gone', async () => {
  front.bringBack();
  await app.begin('/settings');
  await app.shows('[data-testid=version]', 'works offline');
  front.takeAway();
  for (const { path, shown } of VIEWS) {
    await app.open(path);
    await app.find(shown);
  }
});
