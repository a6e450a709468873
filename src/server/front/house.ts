import { createServer, type RequestListener, type Server } from 'node:http';
import { hostname, networkInterfaces } from 'node:os';
import { renderSVG, renderUnicodeCompact } from 'uqr';
import { houseCertificate } from './certificate.ts';
import { type Serving, serveApp } from './serve.ts';
import { trustPage } from './trustPage.ts';

/** Serves the household over https, and beside it, over http, the one page that tells a phone how to trust it. */
export async function serveHouse(
  handler: RequestListener,
  serving: Serving,
  folder: string,
): Promise<readonly Server[]> {
  const numbers = houseNumbers();
  const [number = 'localhost'] = numbers;
  const own = hostname().toLowerCase();
  const names = [...numbers, 'localhost', '127.0.0.1', own, ...(own.includes('.') ? [] : [`${own}.local`])];
  const { key, cert, house } = await houseCertificate(folder, names, Date.now());
  const app = await serveApp(handler, { ...serving, host: '0.0.0.0', secure: { key, cert } });
  const address = `https://${number}:${serving.port}/`;
  const trustPort = serving.port + 1;
  const page = trustPage(address, renderSVG(address));
  const door = await listen(
    createServer((request, response) => {
      const asks = request.url === '/gander-house.crt';
      response.writeHead(200, {
        'content-type': asks ? 'application/x-x509-ca-cert' : 'text/html; charset=utf-8',
        'content-security-policy':
          "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'none'",
        'x-content-type-options': 'nosniff',
      });
      response.end(asks ? house : page);
    }),
    trustPort,
  );
  const first = `http://${number}:${trustPort}/`;
  console.log(
    `\nGander is in the house at ${address}\n\nOnce on each phone or tablet: open ${first} (the code below) and follow the steps there,\nso that the device trusts this computer. Then Gander keeps the screen awake and opens without a network.\n\n${renderUnicodeCompact(first)}\n\nEverybody in this network can open it. Each device has a notebook of its own.\nWhat vouches for this computer is in ${folder}: keep it to yourself.\nStop it with Ctrl+C.`,
  );
  return [app, door];
}

/** The computer's numbers in the house, the usual kind first. */
function houseNumbers(all: ReturnType<typeof networkInterfaces> = networkInterfaces()): string[] {
  return Object.values(all)
    .flatMap((each) => each ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address)
    .sort((a, b) => Number(b.startsWith('192.168.')) - Number(a.startsWith('192.168.')));
}

function listen(server: Server, port: number): Promise<Server> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '0.0.0.0', () => resolve(server));
  });
}
