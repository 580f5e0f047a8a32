// npm run container [-- --base /rontel] [--built]: carries out the steps of the Dockerfile without a container engine, in a
// folder of their own, starts what came of them and tries it. --built takes the build of this checkout for the first stage.
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { carryOut } from './container/carry-out';
import { problemsOf, stagesOf } from './container/dockerfile';
import { smoke } from './container/smoke';

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: { base: { type: 'string', default: '' }, built: { type: 'boolean', default: false } },
  });
  const text = readFileSync('Dockerfile', 'utf8');
  const problems = [...problemsOf(text)];
  const out = mkdtempSync(join(tmpdir(), 'rontel-container-'));
  // What runs in it is another user.
  chmodSync(out, 0o755);
  try {
    if (problems.length === 0) {
      const context = process.cwd();
      const container = carryOut(stagesOf(text), {
        context,
        out,
        args: { RONTEL_BASE_PATH: values.base },
        made: values.built ? { stage: 'build', app: context } : undefined,
      });
      problems.push(...(await smoke(container, values.base)));
    }
  } finally {
    rmSync(out, { recursive: true, force: true });
  }
  for (const problem of problems) console.error(problem);
  console.log(problems.length === 0 ? 'container: passed' : `container: ${problems.length} wrong`);
  process.exit(problems.length === 0 ? 0 : 1);
}

void main();
