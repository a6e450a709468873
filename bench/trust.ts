import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from 'playwright-core';
import { seededRandom } from '../src/core/chance/index.ts';
import {
  contentTables,
  formatNotebook,
  type Notebook,
  parseNotebook,
  salvageNotebook,
} from '../src/core/exchange/index.ts';
import { beansIn, firstThings, giveProbe, storedRoasts } from '../tests/browser/deeds.ts';
import { CHROMIUM, FLAGS, freePort, type Served } from '../tests/browser/harness.ts';
import type { Figure } from './report.ts';

const KILLS = Number(process.env.GANDER_KILLS ?? 60);
const MUTATIONS = Number(process.env.GANDER_MUTATIONS ?? 10_000);
const LISTEN_S = 30;

/** Marks at the heat, shown and then the browser killed at once: how many are not there in the next one. */
export async function killFigure(app: Served): Promise<Figure> {
  const folder = await mkdtemp(join(tmpdir(), 'gander-kill-'));
  const open = async () => {
    const context = await chromium.launchPersistentContext(folder, {
      executablePath: CHROMIUM,
      headless: true,
      args: FLAGS,
      baseURL: app.address,
    });
    return { context, page: context.pages()[0] ?? (await context.newPage()) };
  };
  let { context, page } = await open();
  await firstThings(page);
  await beansIn(page);
  const address = page.url();
  await context.close();
  let lost = 0;
  for (let round = 1; round <= KILLS; round++) {
    ({ context, page } = await open());
    await page.goto(address);
    await smell(page).waitFor();
    const before = (await storedRoasts(page))[0]?.entries.length ?? 0;
    // A press right after a page has come is not taken for one that was meant.
    await page.waitForTimeout(1000);
    const which = SMELLS[round % SMELLS.length] ?? 'hay';
    await smell(page, which).click();
    await page.getByRole('button', { name: new RegExp(`Undo smell of ${which}`) }).waitFor();
    killAll(folder);
    await context.close().catch(() => {});
    // What the dead browser left to say that it holds the folder.
    for (const lock of ['SingletonLock', 'SingletonCookie', 'SingletonSocket'])
      await rm(join(folder, lock), { force: true });
    await new Promise((resolve) => setTimeout(resolve, 500));
    ({ context, page } = await open());
    await page.goto(address);
    await smell(page).waitFor();
    await page.waitForTimeout(300);
    const after = (await storedRoasts(page))[0]?.entries.length ?? 0;
    if (after !== before + 1) lost++;
    await context.close();
  }
  await rm(folder, { recursive: true, force: true });
  return {
    what: `presses that were shown and are gone, of ${KILLS} with the browser killed`,
    value: lost,
    most: 0,
    unit: '',
  };
}

const SMELLS = ['grass', 'hay', 'toast', 'biscuit'] as const;
const smell = (page: Page, which = 'hay') => page.getByRole('button', { name: which, exact: true });

/** Ends every process of the browser that has this folder, as a flat battery does. */
function killAll(folder: string): void {
  spawnSync('pkill', ['-9', '-f', folder]);
}

/** Files with bytes changed, cut, doubled or taken out: whether any breaks the reader, how long the slowest takes, what is kept. */
export function mutationFigures(): Figure[] {
  const parsed = parseNotebook(readFileSync('demo/household.gander.json', 'utf8'));
  if (!parsed.ok) throw new Error('the demo household does not open');
  const whole = parsed.value;
  const small: Notebook = {
    ...whole,
    roasts: whole.roasts.slice(0, 4),
    jars: [],
    cups: whole.cups.slice(0, 4),
    days: [],
    flights: [],
    flightKeys: [],
    experiments: [],
    recipes: [],
    journalViews: [],
  };
  const text = formatNotebook(small, small.savedAt);
  const random = seededRandom(20_261_127);
  let crashes = 0;
  let slowestMs = 0;
  for (let n = 0; n < MUTATIONS; n++) {
    const spoilt = mutated(text, random);
    const began = performance.now();
    try {
      salvageNotebook(spoilt);
    } catch {
      crashes++;
    }
    slowestMs = Math.max(slowestMs, performance.now() - began);
  }
  return [
    { what: `crashes of the reader, of ${MUTATIONS} spoilt files`, value: crashes, most: 0, unit: '' },
    { what: 'the slowest of them', value: slowestMs, most: 1000, unit: 'ms' },
    {
      what: 'untouched rows kept where one row of the demo is spoilt',
      value: 100 * keptShare(whole, random),
      least: 99,
      unit: '%',
    },
  ];
}

function mutated(text: string, random: () => number): string {
  const at = Math.floor(random() * text.length);
  const length = 1 + Math.floor(random() * 40);
  const kind = Math.floor(random() * 4);
  if (kind === 0) return text.slice(0, at);
  if (kind === 1) return text.slice(0, at) + text.slice(at + length);
  if (kind === 2) return text.slice(0, at) + text.slice(at, at + length) + text.slice(at);
  const sign = '"{}[],:0e-nul\\'[Math.floor(random() * 13)];
  return text.slice(0, at) + sign + text.slice(at + 1);
}

/** One value of one row made nonsense, 200 times: the share of all other rows that the reader keeps. */
function keptShare(whole: Notebook, random: () => number): number {
  let kept = 0;
  let all = 0;
  for (let n = 0; n < 200; n++) {
    const copy = structuredClone(whole) as unknown as Record<string, Record<string, unknown>[]>;
    const tables = contentTables.filter((table) => (copy[table]?.length ?? 0) > 0 && table !== 'flightKeys');
    const table = tables[Math.floor(random() * tables.length)] ?? 'roasts';
    const rows = copy[table] ?? [];
    const row = rows[Math.floor(random() * rows.length)] ?? {};
    const keys = Object.keys(row).filter((key) => key !== 'id');
    row[keys[Math.floor(random() * keys.length)] ?? 'createdAt'] = [null, -1, 'x', {}, []][Math.floor(random() * 5)];
    const read = salvageNotebook(JSON.stringify(copy));
    const others = contentTables.reduce((sum, each) => sum + whole[each].length, 0) - 1;
    all += others;
    if (!read.ok) continue;
    const here = contentTables.reduce((sum, each) => sum + read.value.notebook[each].length, 0);
    kept += Math.min(others, here);
  }
  return kept / all;
}

/** 200 pages that listen for half a minute: lines heard, what the next one is told, and the memory they take. */
export async function streamFigures(): Promise<Figure[]> {
  const port = await freePort();
  const server = spawn(process.execPath, ['--import', 'tsx', 'src/server/front/main.ts'], {
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    env: { ...process.env, PORT: String(port), HOST: 'localhost', GANDER_HOUSEHOLD: 'ask', NODE_ENV: 'production' },
  });
  await new Promise((resolve) => server.once('message', resolve));
  try {
    let heard = 0;
    const listen = (probe: string) =>
      new Promise<number>((resolve, reject) => {
        request({ port, host: 'localhost', path: `/api/probe/${probe}` }, (response) => {
          response.on('data', (piece) => (heard += String(piece).split('data: ').length - 1));
          resolve(response.statusCode ?? 0);
        })
          .on('error', reject)
          .end();
      });
    const probes = Array.from({ length: 10 }, (_, i) => `probe-${i}`);
    for (let i = 0; i < 200; i++) await listen(probes[i % 10] ?? '');
    const next = await listen('one-more');
    const say = (n: number) =>
      Promise.all(
        probes.map((probe) =>
          fetch(`http://localhost:${port}/api/probe/${probe}`, {
            method: 'POST',
            headers: { 'content-type': 'application/x-ndjson' },
            body: `{"celsius": ${100 + n}}`,
          }),
        ),
      );
    await say(0);
    const before = memoryMb(server);
    for (let s = 1; s < LISTEN_S; s++) {
      await new Promise((resolve) => setTimeout(resolve, 1000));
      await say(s);
    }
    await new Promise((resolve) => setTimeout(resolve, 1000));
    return [
      { what: `lines not heard, of ${200 * LISTEN_S} to 200 pages`, value: 200 * LISTEN_S - heard, most: 0, unit: '' },
      { what: 'what the 201st page is told', value: next, least: 503, most: 503, unit: '' },
      {
        what: 'memory after half a minute against the first second',
        value: memoryMb(server) / before,
        most: 1.2,
        unit: 'times',
      },
    ];
  } finally {
    server.kill();
  }
}

function memoryMb({ pid }: ChildProcess): number {
  const kb = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1];
  return Number(kb) / 1024;
}

/** What an hour with a probe writes in a real browser, against what is kept of it in the end. */
export async function writtenFigure(app: Served): Promise<Figure> {
  const { page, close } = await app.open();
  await page.addInitScript(`{
    window.written = 0;
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (value, ...rest) { window.written += JSON.stringify(value).length; return put.call(this, value, ...rest); };
  }`);
  await page.goto('/gear/');
  await page.getByText('You roast on').waitFor();
  const id = await giveProbe(page);
  await page.goto(`/roast/?gear=${encodeURIComponent(id)}`);
  await page.getByRole('button', { name: 'Beans in' }).first().click();
  await page.getByRole('timer').waitFor();
  await page.evaluate('window.written = 0');
  const began = Date.now() - 1000;
  // An hour's readings in their own seconds, sent as fast as the page keeps them.
  for (let s = 1; s <= HOUR_S; s += SENT_AT_ONCE) {
    const body = Array.from({ length: SENT_AT_ONCE }, (_, i) =>
      JSON.stringify({ celsius: 20 + (s + i) / 20, at: new Date(began + (s + i) * 1000).toISOString() }),
    ).join('\n');
    await fetch(`${app.address}/api/probe/thin-probe`, {
      method: 'POST',
      headers: { 'content-type': 'application/x-ndjson' },
      body,
    });
    await page.waitForTimeout(1600);
  }
  await page.keyboard.press('Shift+Space');
  await page.getByText('Cooling').waitFor();
  const written = Number(await page.evaluate('window.written'));
  const roast = (await storedRoasts(page, 'gander-demo')).find(
    ({ entries }) => entries.filter(({ kind }) => kind === 'reading').length > 100,
  );
  await close();
  const kept = JSON.stringify(roast).length;
  return {
    what: `written for ${roast?.entries.length} lines of a log (${Math.round(kept / 1000)} kB)`,
    value: written / kept,
    most: 3,
    unit: 'times its size',
  };
}
const HOUR_S = Number(process.env.GANDER_HOUR_S ?? 3600);
/** The page keeps what has come every second and a half. */
const SENT_AT_ONCE = 40;
