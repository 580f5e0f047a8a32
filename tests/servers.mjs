import { freePort, startServer } from '../scripts/prepare.mjs';
import tearDown from './end-servers.mjs';

/** Starts one server for each way of a first start, for all files of a run. */
export default async function setUp() {
  globalThis.servers = [];
  try {
    for (const firstStart of ['demo', 'empty']) {
      const port = await freePort();
      globalThis.servers.push(await startServer(port, firstStart));
      process.env[`RONTEL_TEST_PORT_${firstStart}`] = String(port);
    }
  } catch (cause) {
    // The tear-down of a run comes only where its set-up ended well.
    tearDown();
    throw cause;
  }
}
