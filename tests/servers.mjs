import { freePort, startServer } from '../scripts/prepare.mjs';

/** Starts one server for each way of a first start, for all files of a run. */
export default async function setUp() {
  globalThis.servers = await Promise.all(
    ['demo', 'empty'].map(async (firstStart) => {
      const port = await freePort();
      process.env[`RONTEL_TEST_PORT_${firstStart}`] = String(port);
      return startServer(port, firstStart);
    }),
  );
}
