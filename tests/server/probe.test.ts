import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { GET, POST } from '@/pages/api/probe/[name]';
import { LIMITS } from '@/server/limits';
import { chargedMsOf } from '@/server/simulatedThermometer';

const HERE = 'http://localhost:4321';
type Asked = { readonly name?: string; readonly query?: string; readonly init?: RequestInit };
const context = ({ name = 'drum', query = '', init = {} }: Asked) => {
  const url = new URL(`${HERE}/api/probe/${name}${query}`);
  const headers = new Headers(init.headers);
  headers.set('host', url.host);
  return { params: { name }, url, request: new Request(url, { ...init, headers }) } as never;
};
const listen = async (asked: Asked = {}) => (await GET(context(asked))) as Response;
const speak = async (body: string, asked: Asked = {}) =>
  (await POST(context({ ...asked, init: { method: 'POST', body, ...asked.init } }))) as Response;
const line = '{"celsius": 150}';

describe('the door to the probes', () => {
  it('turns away pages of another origin, and lets in its own and bridges, which name none', async () => {
    const foreign: readonly Record<string, string>[] = [
      { origin: 'http://elsewhere.example' },
      { origin: 'null' },
      { 'sec-fetch-site': 'cross-site' },
    ];
    for (const headers of foreign) {
      assert.equal((await listen({ init: { headers } })).status, 403);
      assert.equal((await speak(line, { init: { method: 'POST', body: line, headers } })).status, 403);
    }
    assert.equal((await speak(line, { init: { method: 'POST', body: line, headers: { origin: HERE } } })).status, 200);
    assert.equal((await speak(line)).status, 200);
  });
  it('takes a body up to its limit and not beyond, said beforehand or not', async () => {
    const long = `${line}\n`.repeat(Math.floor(LIMITS.bodyBytes / (line.length + 1)));
    assert.equal((await speak(long)).status, 200);
    assert.equal((await speak(long + long)).status, 413);
    const stream = new ReadableStream({
      pull: (controller) => controller.enqueue(new Uint8Array(16_384).fill(32)),
    });
    const endless = { method: 'POST', body: stream, duplex: 'half' } as RequestInit;
    assert.equal((await speak('', { init: endless })).status, 413);
  });
  it('holds so many listeners and no more, and has room again when they go', async () => {
    const all = await Promise.all(Array.from({ length: LIMITS.listenersPerProbe }, () => listen({ name: 'full' })));
    assert.ok(all.every(({ status }) => status === 200));
    const one = await listen({ name: 'full' });
    assert.deepEqual([one.status, /As many pages listen/.test(await one.text())], [503, true]);
    assert.equal((await (await speak(line, { name: 'full' })).json()).listening, LIMITS.listenersPerProbe);
    for (const each of all) await each.body?.cancel();
    const again = await listen({ name: 'full' });
    assert.equal(again.status, 200);
    await again.body?.cancel();
  });
  it('lets a page go that never reads', async () => {
    const deaf = await listen({ name: 'deaf' });
    const batch = `${line}\n`.repeat(3000);
    for (let i = 0; i < 12; i++) await speak(batch, { name: 'deaf' });
    assert.equal((await (await speak(line, { name: 'deaf' })).json()).listening, 0);
    const kept = (await new Response(deaf.body).arrayBuffer()).byteLength;
    assert.ok(kept > 0 && kept <= LIMITS.waitingBytes + 1024, `${kept} bytes`);
  });
  it('bears any moment that is asked of the simulated one', async () => {
    const now = Date.now();
    for (const charged of ['-9e15', '9e15', 'NaN', 'x', '', '1e999', '-1'])
      assert.equal(chargedMsOf(new URLSearchParams({ charged }), now), now, charged);
    assert.equal(chargedMsOf(new URLSearchParams({ charged: String(now - 60_000) }), now), now - 60_000);
    const heard = await listen({ name: 'simulated', query: '?charged=-9e15&speed=60' });
    assert.equal(heard.status, 200);
    await new Promise((resolve) => setTimeout(resolve, 600));
    await heard.body?.cancel();
  });
});
