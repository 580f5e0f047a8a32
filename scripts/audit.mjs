// Part of the lint step: whether something that ships has a known serious hole, where the registry answers that.
import { spawnSync } from 'node:child_process';

const SERIOUS = ['high', 'critical'];

/** What the registry said, as npm prints it; undefined where it gave no answer. */
function advisories(text) {
  try {
    return JSON.parse(text).vulnerabilities;
  } catch {
    return undefined;
  }
}

/** True unless a dependency that ships has a serious hole. */
export function audit() {
  const { stdout } = spawnSync('npm', ['audit', '--omit=dev', '--json'], { encoding: 'utf8', timeout: 60_000 });
  const found = advisories(stdout ?? '');
  if (!found) {
    console.log('npm audit: the registry gives no answer here; not checked');
    return true;
  }
  const serious = Object.values(found).filter(({ severity }) => SERIOUS.includes(severity));
  for (const { name, severity } of serious) console.error(`${name}: a hole of severity ${severity}; see npm audit`);
  return serious.length === 0;
}
