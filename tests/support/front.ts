import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';

/** Stands before the app's server, so that a test can take the server away, or have it offer the next version. */
export class Front {
  private isThere = true;
  private versions = 0;
  private readonly server: Server;

  private constructor(port: number) {
    this.server = createServer((asked, answer) => {
      if (!this.isThere) {
        asked.destroy();
        return;
      }
      const { url = '/', method, headers } = asked;
      const isScript = url.includes('/serwist/sw.js');
      const onward = request(
        { port, path: url, method, headers: isScript ? { ...headers, 'accept-encoding': 'identity' } : headers },
        (told) => {
          const { 'content-length': _length, ...rest } = told.headers;
          answer.writeHead(told.statusCode!, isScript ? rest : told.headers);
          if (!isScript) return told.pipe(answer);
          // Another script is another version, as far as a browser can tell.
          told.on('data', (part: Buffer) => answer.write(part));
          told.on('end', () => answer.end(`\n// version ${this.versions}`));
        },
      );
      onward.on('error', () => answer.destroy());
      asked.pipe(onward);
    });
  }

  static async before(port: number): Promise<Front> {
    const front = new Front(port);
    await new Promise<void>((resolve) => front.server.listen(0, resolve));
    return front;
  }

  get port(): number {
    return (this.server.address() as AddressInfo).port;
  }

  /** From now on nobody answers. */
  takeAway(): void {
    this.isThere = false;
    this.server.closeAllConnections();
  }

  bringBack(): void {
    this.isThere = true;
  }

  offerNextVersion(): void {
    this.versions += 1;
  }

  stop(): void {
    this.server.closeAllConnections();
    this.server.close();
  }
}
