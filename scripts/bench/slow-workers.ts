import type { WebDriver } from 'selenium-webdriver';

/** What a driver's connection for the browser's developer tools is used for; its package has no types for it. */
interface Tools {
  sessionId: string;
  send: (command: string, parameters: object) => Promise<unknown>;
  readonly _wsConnection: {
    on: (name: 'message', listen: (message: Buffer) => void) => void;
    off: (name: 'message', listen: (message: Buffer) => void) => void;
  };
}

/** In a worker: each message takes as much longer as the processor would be slower. */
const SLOW = (times: number) => `{
  const own = onmessage;
  onmessage = (event) => {
    const began = performance.now();
    own(event);
    const until = began + ${times} * (performance.now() - began);
    while (performance.now() < until);
  };
}`;

/**
 * Makes the workers of the page that is open slower, for the browser slows down the page's own thread alone.
 * @param times at least 1
 * @returns how many workers there are
 */
export async function slowWorkers(driver: WebDriver, times: number): Promise<number> {
  const tools = (await driver.createCDPConnection('page')) as Tools;
  const page = tools.sessionId;
  const workers: string[] = [];
  const attached = (message: Buffer) => {
    const { method, params } = JSON.parse(message.toString()) as {
      method?: string;
      params?: { sessionId: string; targetInfo: { type: string } };
    };
    if (method === 'Target.attachedToTarget' && params?.targetInfo.type === 'worker') workers.push(params.sessionId);
  };
  tools._wsConnection.on('message', attached);
  // Answers once it has told of all that are there.
  await tools.send('Target.setAutoAttach', { autoAttach: true, waitForDebuggerOnStart: false, flatten: true });
  tools._wsConnection.off('message', attached);
  for (const worker of workers) {
    tools.sessionId = worker;
    await tools.send('Runtime.evaluate', { expression: SLOW(times) });
  }
  tools.sessionId = page;
  return workers.length;
}
