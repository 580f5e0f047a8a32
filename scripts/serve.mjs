// Serves the built app: node scripts/serve.mjs [-p port]. As the framework's own command does, but for what that answers
// with a failure of its own: methods that no page and no interface has.
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { parseArgs } from 'node:util';
import next from 'next';

process.env.NEXT_TELEMETRY_DISABLED = '1';
// The settings as the build has written them down: in a container there is no other file of them.
const { config } = JSON.parse(readFileSync('.next/required-server-files.json', 'utf8'));
process.env.__NEXT_PRIVATE_STANDALONE_CONFIG = JSON.stringify(config);
const { values } = parseArgs({
  options: { port: { type: 'string', short: 'p', default: process.env.PORT ?? '3000' } },
});
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS'];

const app = next({ dev: false });
await app.prepare();
const handle = app.getRequestHandler();
const server = createServer((request, response) => {
  if (METHODS.includes(request.method)) void handle(request, response);
  else response.writeHead(405, { allow: METHODS.join(', '), connection: 'close' }).end();
});
// Whoever opens a connection and says nothing is not waited for.
server.headersTimeout = 10_000;
server.requestTimeout = 30_000;
server.listen(Number(values.port), () => console.log(`Rontel at http://localhost:${values.port}`));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => process.exit(0));
