// The journal with thousands of roasts: first rows, search by key, and scrolling.
import type { Page } from 'playwright-core';
import { firstRowTimes } from './firstRows.ts';
import { type Figure, quantile } from './report.ts';

const NAVIGATIONS = 6;
const WORDS = ['lantern', 'tart', 'popper', 'herons', 'crank', 'rattle', 'blue', 'honey', 'smoky', 'even'];
/** Two or three letters of a word change the count; typed so often, they make enough answers for a share of 95 %. */
const TYPED = 3;
const SCROLLS = 60;

/** Copies the demo household's roasts until there are so many more, a day apart, straight into the database. */
function fillJournal(page: Page, count: number): Promise<void> {
  return page.evaluate(
    (more) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('gander-demo');
        opening.onsuccess = () => {
          const table = opening.result.transaction('roasts', 'readwrite').objectStore('roasts');
          const reading = table.getAll();
          reading.onsuccess = () => {
            const models = reading.result as { id: string; createdAt: string; chargedAt?: string }[];
            for (let i = 0; i < more; i++) {
              const model = models[i % models.length] as (typeof models)[number];
              const at = new Date(Date.parse(model.createdAt) - (130 + i) * 86_400_000).toISOString();
              table.put({ ...model, id: `roast:more${i.toString(36).padStart(6, '0')}`, createdAt: at, chargedAt: at });
            }
            table.transaction.oncomplete = () => {
              opening.result.close();
              resolve();
            };
            table.transaction.onerror = () => reject(table.transaction.error);
          };
        };
      }),
    count,
  );
}

/** Measures the journal of the demo household with so many more roasts. */
export async function largeJournalFigures(page: Page, more: number): Promise<Figure[]> {
  await page.goto('/journal/');
  await page.getByText('41 roasts').waitFor();
  await fillJournal(page, more);
  // As it is for whoever has opened Gander before: the pages come from the device.
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  const times = await firstRowTimes(page, NAVIGATIONS);
  const searches = await searchTimes(page);
  const frames = await frameTimes(page);
  return [
    { what: `first rows, median of ${NAVIGATIONS}`, value: quantile(times, 0.5), most: 300, unit: 'ms' },
    {
      what: `from a key to its count on screen, p95 of ${searches.length}`,
      value: quantile(searches, 0.95),
      most: 50,
      unit: 'ms',
    },
    { what: `longest frame while scrolling ${SCROLLS} screens`, value: Math.max(...frames), most: 50, unit: 'ms' },
  ];
}

/** From the key press to the frame after the new search's count is on screen. */
async function searchTimes(page: Page): Promise<number[]> {
  const field = page.getByLabel('Search the journal');
  // The journal is read in the background first.
  await field.fill('zzzz');
  await page.getByText(/^0 of \d+ roasts/).waitFor({ timeout: 60_000 });
  const times: number[] = [];
  for (const word of Array.from({ length: TYPED }, () => WORDS).flat()) {
    await field.fill('');
    await page.waitForTimeout(300);
    await field.focus();
    for (const letter of word) {
      const answered = page.evaluate(
        () =>
          new Promise<number>((resolve) => {
            let pressedAt = 0;
            addEventListener(
              'keydown',
              (event) => {
                pressedAt = event.timeStamp;
              },
              { capture: true, once: true },
            );
            const count = document.querySelector('[role="status"]') as HTMLElement;
            const observer = new MutationObserver(() => {
              // What changes before the key is the answer to the one before.
              if (pressedAt === 0) return;
              observer.disconnect();
              clearTimeout(timer);
              requestAnimationFrame(() => {
                const channel = new MessageChannel();
                channel.port1.onmessage = () => resolve(performance.now() - pressedAt);
                channel.port2.postMessage(0);
              });
            });
            observer.observe(count, { subtree: true, childList: true, characterData: true });
            // A letter that finds as many as before changes nothing on screen, and measures nothing.
            const timer = setTimeout(() => resolve(0), 1500);
          }),
      );
      await page.waitForTimeout(30);
      await page.keyboard.press(letter);
      const time = await answered;
      if (time > 0) times.push(time);
    }
  }
  await field.fill('');
  return times;
}

/** Time from frame to frame while the page is scrolled as fast as a thumb flings it. */
async function frameTimes(page: Page): Promise<number[]> {
  await page.goto('/journal/');
  await page.waitForFunction(() => 'rowsAt' in globalThis);
  await page.waitForTimeout(4000);
  // As text: the compiler's helper for naming functions does not exist on the page.
  return page.evaluate<number[]>(`new Promise((resolve) => {
    const frames = [];
    let before = performance.now();
    let left = ${SCROLLS} * 8;
    const step = (now) => {
      frames.push(now - before);
      before = now;
      scrollBy(0, innerHeight / 8);
      if (left-- > 0) requestAnimationFrame(step);
      else resolve(frames.slice(2));
    };
    requestAnimationFrame(step);
  })`);
}
