// npm run screenshots: the pictures of docs/screenshots, from the demo data, the same every time.
import { build, installBrowser, installPackages, run } from './prepare.mjs';

installPackages();
installBrowser();
build();
process.exit(run('node_modules/.bin/tsx', ['scripts/take-screenshots.ts', ...process.argv.slice(2)]) ? 0 : 1);
