import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { FIRST_PAGE, PAGES } from './places';

test('every page that there is is kept for when the server is gone', () => {
  const app = join(__dirname, '../app');
  const pages = readdirSync(app).filter((name) => existsSync(join(app, name, 'page.tsx')));
  expect([...PAGES].sort()).toEqual(pages.map((name) => `/${name}`).sort());
  expect(PAGES).toContain(FIRST_PAGE);
});
