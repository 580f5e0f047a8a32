/** Ends the servers that `servers.mjs` has started; the mutation tester ends a run without having begun one. */
export default function tearDown() {
  for (const server of globalThis.servers ?? []) server.kill();
}
