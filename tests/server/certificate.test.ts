import assert from 'node:assert/strict';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { createServer, request } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { houseCertificate } from '@/server/front/certificate';

const NOW = Date.now();
const DAY_MS = 86_400_000;

async function inFolder(work: (folder: string) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'gander-house-'));
  await work(folder).finally(() => rmSync(folder, { recursive: true }));
}

/** Serves with the certificate, and asks as a device that trusts the house's. */
function answers(made: { key: string; cert: string; house: string }, servername: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const server = createServer(made, (_, response) => response.end('here'));
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      const asked = request({ host: '127.0.0.1', port, ca: made.house, servername }, (response) => {
        response.resume().on('end', () => resolve('trusted'));
      });
      asked
        .on('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? error.message))
        .on('close', () => server.close());
      asked.end();
    });
    server.on('error', reject);
  });
}

test('a device that trusts the house trusts this computer by number and name', () =>
  inFolder(async (folder) => {
    const made = await houseCertificate(folder, ['127.0.0.1', 'localhost', 'kitchen', 'kitchen.local'], NOW);
    assert.equal(await answers(made, 'localhost'), 'trusted');
    assert.equal(await answers(made, 'kitchen.local'), 'trusted');
    assert.equal(await answers(made, 'bank.example'), 'ERR_TLS_CERT_ALTNAME_INVALID');
  }));

test('the keys are readable by their owner only, and both are kept from start to start', () =>
  inFolder(async (folder) => {
    const first = await houseCertificate(folder, ['192.168.1.5'], NOW);
    const again = await houseCertificate(folder, ['192.168.1.5'], NOW + DAY_MS);
    assert.deepEqual(again, first);
    for (const name of ['house.key', 'server.key']) assert.equal(statSync(join(folder, name)).mode & 0o077, 0);
  }));

test('a new number in the house, or the end of its time, makes a new one that the same trust covers', () =>
  inFolder(async (folder) => {
    const first = await houseCertificate(folder, ['192.168.1.5'], NOW);
    for (const [numbers, nowMs] of [
      [['192.168.1.77'], NOW],
      [['192.168.1.77'], NOW + 380 * DAY_MS],
    ] as const) {
      const next = await houseCertificate(folder, numbers, nowMs);
      assert.equal(next.house, first.house);
      const server = new X509Certificate(next.cert);
      assert.ok(server.subjectAltName?.includes('192.168.1.77'));
      assert.ok(server.verify(new X509Certificate(first.house).publicKey));
      assert.ok(Date.parse(server.validTo) > nowMs + 300 * DAY_MS);
    }
  }));

test('a public number is vouched for only where the computer had it when the house was made', () =>
  inFolder(async (folder) => {
    const home = await houseCertificate(folder, ['10.0.0.7'], NOW);
    const moved = await houseCertificate(folder, ['198.51.100.4'], NOW);
    assert.notEqual(moved.house, home.house);
    assert.equal((await houseCertificate(folder, ['198.51.100.4'], NOW)).house, moved.house);
  }));
