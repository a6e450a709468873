import { createServer, type RequestListener, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { LIMITS } from '../limits.ts';
import { frontRefusal, ownNames } from './frontDoor.ts';
import { securityHeaders } from './policy.ts';

export interface Serving {
  readonly port: number;
  readonly host: string;
  /** Names it answers to besides its own, with commas between. */
  readonly hosts?: string | undefined;
  readonly scriptHashes: readonly string[];
  /** PEM texts, for https. */
  readonly secure?: { readonly key: string; readonly cert: string } | undefined;
}

/** Serves the built app behind one front door: every answer has the security headers, and no request can end the process. */
export function serveApp(
  handler: RequestListener,
  { port, host, hosts, scriptHashes, secure }: Serving,
): Promise<Server> {
  const names = ownNames(hosts);
  const headers = Object.entries(securityHeaders(scriptHashes));
  const listener: RequestListener = async (request, response) => {
    for (const [name, value] of headers) response.setHeader(name, value);
    const refusal = frontRefusal(request, names);
    if (refusal) {
      response.writeHead(refusal.status, { 'content-type': 'application/json', connection: 'close' });
      response.end(JSON.stringify({ error: refusal.words }));
      return;
    }
    try {
      await handler(request, response);
    } catch (error) {
      console.error(error);
      if (!response.headersSent) response.writeHead(500, { 'content-type': 'application/json' });
      response.end(JSON.stringify({ error: 'That went wrong here. The server goes on; try again.' }));
    }
  };
  const server = (secure ? createSecureServer(secure, listener) : createServer(listener)) as Server;
  server.requestTimeout = LIMITS.requestMs;
  server.headersTimeout = LIMITS.requestMs;
  server.setTimeout(LIMITS.idleMs);
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => resolve(server));
  });
}

/** One request that goes wrong where nobody catches it does not take the other roasts with it. */
export function outliveErrors(): void {
  process.on('uncaughtException', (error) => console.error(error));
  process.on('unhandledRejection', (error) => console.error(error));
}
