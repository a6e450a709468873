import { readdirSync, readFileSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import type { Served } from '../tests/browser/harness.ts';
import { manyRoasts } from './manyRoasts.ts';
import type { Figure } from './report.ts';

const ROASTS = 5000;
/** A thing that no page may stand still longer for. */
const FREEZE_MS = 100;

/**
 * A notebook of a lifetime loaded into an empty one and saved: time against JSON and the browser's database alone, how long the
 * page stood still, and the memory that it took beyond what an idle page takes.
 */
export async function largeFileFigures(app: Served): Promise<Figure[]> {
  const text = manyRoasts(ROASTS);
  const path = join(tmpdir(), 'many.gander.json');
  await writeFile(path, text);
  const fileMb = Buffer.byteLength(text) / 1e6;
  const { page, close } = await app.open();
  await page.addInitScript(`{
    window.stood = 0; let last = performance.now();
    const look = () => { const now = performance.now(); window.stood = Math.max(window.stood, now - last); last = now; setTimeout(look, 4); };
    look();
    // In the page itself: how long the harness takes to press is not the app's.
    const waiting = [];
    window.when = (selector, text) => new Promise((resolve) => waiting.push({ selector, text, resolve }));
    new MutationObserver(() => { for (const each of [...waiting]) {
      const found = [...document.querySelectorAll(each.selector)].find((element) => element.textContent.includes(each.text));
      if (found) { waiting.splice(waiting.indexOf(each), 1); each.resolve(found); }
    } }).observe(document, { subtree: true, childList: true, characterData: true });
    window.load = new Promise((resolve) => document.addEventListener('change', async () => {
      const began = performance.now();
      (await window.when('button', 'Load it')).click();
      await window.when('[role=status]', 'is loaded');
      resolve(performance.now() - began);
    }, { capture: true, once: true }));
    window.save = async () => {
      const began = performance.now();
      [...document.querySelectorAll('button')].find((each) => each.textContent === 'Save the notebook').click();
      await window.when('[role=status]', 'read back: it opens again');
      return performance.now() - began;
    };
  }`);
  await page.goto('/files/');
  await page.getByLabel('Choose a file').waitFor();
  await page.waitForTimeout(3000);
  const idle = rendererMb();
  let peak = idle;
  const watch = setInterval(() => {
    peak = Math.max(peak, rendererMb());
  }, 50);
  await page.evaluate('window.stood = 0');
  await page.getByLabel('Choose a file').setInputFiles(path);
  const loadMs = Number(await page.evaluate('window.load'));
  const loadPeak = peak;
  const stoodLoading = Number(await page.evaluate('window.stood'));
  // A page of its own: what the last one let go stays with its process.
  await page.reload();
  await page.getByText('pieces of gear and the settings').waitFor();
  await page.waitForTimeout(3000);
  const idleAgain = rendererMb();
  peak = idleAgain;
  await page.evaluate('window.stood = 0');
  const saving = page.waitForEvent('download', { timeout: 120_000 });
  const saveMs = Number(await page.evaluate('window.save()'));
  await saving;
  const stoodSaving = Number(await page.evaluate('window.stood'));
  clearInterval(watch);
  const raw = await rawTimes(page, text);
  await close();
  const size = `${Math.round(fileMb)} MB`;
  return [
    {
      what: `loading and saving ${size} against JSON and database alone`,
      value: (loadMs + saveMs) / (raw.load + raw.save),
      most: 2,
      unit: 'times',
    },
    { what: `of it loading ${size}`, value: loadMs / 1000, unit: 's', beside: `alone ${seconds(raw.load)}` },
    {
      what: 'and saving it, with reading it back',
      value: saveMs / 1000,
      unit: 's',
      beside: `alone ${seconds(raw.save)}`,
    },
    { what: 'the longest that the page stood still, loading', value: stoodLoading, most: FREEZE_MS, unit: 'ms' },
    { what: 'the longest that the page stood still, saving', value: stoodSaving, most: FREEZE_MS, unit: 'ms' },
    { what: 'memory while loading, beyond the idle page', value: (loadPeak - idle) / fileMb, most: 4, unit: 'times' },
    { what: 'memory while saving, likewise', value: (peak - idleAgain) / fileMb, most: 4, unit: 'times' },
  ];
}

const seconds = (ms: number) => `${(ms / 1000).toFixed(1)} s`;

/** The same roasts parsed and put, and read and written, with nothing around it. */
async function rawTimes(page: Page, text: string): Promise<{ load: number; save: number }> {
  await page.evaluate((all) => {
    (window as unknown as { raw: string }).raw = all;
  }, text);
  return (await page.evaluate(`(async () => {
    const opening = indexedDB.open('raw'); opening.onupgradeneeded = () => opening.result.createObjectStore('rows', { keyPath: 'id' });
    const db = await new Promise((resolve) => { opening.onsuccess = () => resolve(opening.result); });
    let began = performance.now();
    const writing = db.transaction('rows', 'readwrite'); const rows = writing.objectStore('rows');
    for (const roast of JSON.parse(window.raw).roasts) rows.put(roast);
    await new Promise((resolve) => { writing.oncomplete = resolve; });
    const load = performance.now() - began;
    began = performance.now();
    const reading = db.transaction('rows').objectStore('rows').getAll();
    const all = await new Promise((resolve) => { reading.onsuccess = () => resolve(reading.result); });
    const blob = new Blob([JSON.stringify(all, null, 1)]);
    JSON.parse(await blob.text());
    const save = performance.now() - began;
    db.close(); indexedDB.deleteDatabase('raw');
    return { load, save };
  })()`)) as { load: number; save: number };
}

/** The memory of all pages and their workers. */
function rendererMb(): number {
  let kb = 0;
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      if (!readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('--type=renderer')) continue;
      kb += Number(/RssAnon:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0);
    } catch {
      // It ended in this very moment.
    }
  }
  return kb / 1024;
}
