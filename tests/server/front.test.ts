import assert from 'node:assert/strict';
import { type RequestListener, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { test } from 'node:test';
import { frontRefusal, ownNames } from '@/server/front/frontDoor';
import { contentPolicy } from '@/server/front/policy';
import { serveApp } from '@/server/front/serve';
import { LIMITS } from '@/server/limits';

const NAMES = ownNames('roastery.example');
const asked = (headers: Record<string, string>, method = 'GET', url = '/') =>
  frontRefusal({ method, url, headers: { host: 'localhost:4321', ...headers } }, NAMES)?.status;

test('it answers to its own names and to numbers, never to a name that merely leads here', () => {
  for (const host of ['localhost:4321', '127.0.0.1:4321', '192.168.1.9', '[::1]:4321', 'roastery.example', 'LOCALHOST'])
    assert.equal(asked({ host }), undefined, host);
  for (const host of ['elsewhere.example', 'localhost.elsewhere.example', '', 'a b', '127.0.0.1.elsewhere.example'])
    assert.equal(asked({ host }), 421, host);
  assert.equal(frontRefusal({ method: 'GET', url: '/', headers: {} }, NAMES)?.status, 421);
});

test('a page elsewhere may link here, and nothing else', () => {
  const cross = { 'sec-fetch-site': 'cross-site' };
  assert.equal(asked({ ...cross, 'sec-fetch-mode': 'navigate', 'sec-fetch-dest': 'document' }), undefined);
  assert.equal(asked({ ...cross, 'sec-fetch-mode': 'navigate', 'sec-fetch-dest': 'iframe' }), 403);
  assert.equal(asked({ ...cross, 'sec-fetch-mode': 'no-cors' }), 403);
  assert.equal(
    asked({ ...cross, 'sec-fetch-mode': 'navigate', 'sec-fetch-dest': 'document' }, 'POST', '/api/probe/x'),
    403,
  );
});

test('pages are only read, bodies and addresses have an end', () => {
  assert.equal(asked({}, 'POST', '/journal/'), 405);
  assert.equal(asked({}, 'DELETE', '/api/probe/x'), 405);
  assert.equal(asked({ 'content-length': String(LIMITS.bodyBytes) }, 'POST', '/api/probe/x'), undefined);
  assert.equal(asked({ 'content-length': String(LIMITS.bodyBytes + 1) }, 'POST', '/api/probe/x'), 413);
  assert.equal(asked({}, 'GET', `/${'a'.repeat(LIMITS.addressLetters)}`), 414);
});

test('the policy lets no script run that is not from here or named by its hash', () => {
  const policy = contentPolicy(['sha256-abc=']);
  assert.match(policy, /script-src 'self' 'sha256-abc=';/);
  assert.doesNotMatch(policy.replace(/style-src[^;]*/, ''), /unsafe/);
  for (const part of ["object-src 'none'", "connect-src 'self'", "default-src 'self'"])
    assert.ok(policy.includes(part));
});

const told = (port: number, path: string) =>
  new Promise<{ status: number | undefined; headers: Record<string, unknown>; body: string }>((resolve, reject) => {
    request({ port, path, host: '127.0.0.1' }, (response) => {
      let body = '';
      response
        .on('data', (chunk) => (body += chunk))
        .on('end', () => resolve({ status: response.statusCode, headers: response.headers, body }));
    })
      .on('error', reject)
      .end();
  });

async function served(handler: RequestListener, work: (port: number, server: Server) => Promise<void>): Promise<void> {
  const server = await serveApp(handler, { port: 0, host: '127.0.0.1', scriptHashes: ['sha256-abc='] });
  await work((server.address() as AddressInfo).port, server).finally(() => server.close());
}

test('what goes wrong inside answers 500 and the next request is served, each with the headers', () =>
  served(
    (request, response) => {
      if (request.url === '/bad') throw new Error('a fault of this test');
      response.end('good');
    },
    async (port) => {
      const quiet = console.error;
      console.error = () => {};
      const bad = await told(port, '/bad').finally(() => (console.error = quiet));
      const good = await told(port, '/');
      assert.equal(bad.status, 500);
      assert.doesNotMatch(bad.body, /fault of this test/);
      assert.equal(good.body, 'good');
      for (const { headers } of [bad, good]) {
        assert.match(String(headers['content-security-policy']), /frame-ancestors 'none'/);
        assert.equal(headers['x-content-type-options'], 'nosniff');
        assert.equal(headers['cross-origin-resource-policy'], 'same-origin');
      }
    },
  ));

test('a connection that says nothing is closed after a while', () =>
  served(
    () => {},
    async (_, server) => {
      assert.equal(server.timeout, LIMITS.idleMs);
      assert.equal(server.requestTimeout, LIMITS.requestMs);
    },
  ));
