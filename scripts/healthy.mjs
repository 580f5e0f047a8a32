// Ends well where the app on this machine answers: the health check of its container.
import { readFileSync } from 'node:fs';

const { config } = JSON.parse(readFileSync('.next/required-server-files.json', 'utf8'));
const address = `http://localhost:${process.env.PORT ?? '3000'}${config.basePath}/api/v1/health`;
const answer = await fetch(address, { signal: AbortSignal.timeout(4000) }).catch((error) => error);
if (answer instanceof Error || !answer.ok) {
  console.error(`${address}: ${answer instanceof Error ? answer.message : answer.status}`);
  process.exit(1);
}
