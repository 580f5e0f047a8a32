// npm run reliability: the long form of what `npm test` tries in short; its counts stand in docs/reliability.md.
import { build, installBrowser, installPackages, run } from './prepare.mjs';

installPackages();
installBrowser();
build();
const jest = (projects, paths) =>
  run('node_modules/.bin/jest', ['--selectProjects', ...projects, '--maxWorkers=2', '--testPathPatterns', paths], {
    RELIABILITY: 'full',
    // The random runs, a hundred times over.
    FUZZ: '100',
    // And half as many of each other kind: 300 in all.
    RONTEL_KILLS: '100',
  });
const passed = [
  jest(['fuzz'], '(hostile|src/store)'),
  jest(['unit'], 'src/store/carried-over'),
  jest(['browser', 'wide'], '/(faults|killed|tabs|bounds|trust)\\.'),
];
process.exit(passed.every(Boolean) ? 0 : 1);
