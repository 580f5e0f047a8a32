/** Ends the servers that `servers.mjs` has started. */
export default function tearDown() {
  for (const server of globalThis.servers) server.kill();
}
