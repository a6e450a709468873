import type { Page } from 'playwright-core';

export const START = new Date('2026-11-24T10:00:00Z');

/** Opens a page with a clock of its own, which runs on with real time too. */
export async function openAt(page: Page, path: string): Promise<void> {
  await page.clock.install({ time: START });
  await page.goto(path);
}

const HOUR_S = 3600;

/** Lets `seconds` pass on the page, timers and all; over hours each timer runs once, as on a device that slept. */
export async function pass(page: Page, seconds: number): Promise<void> {
  if (seconds > HOUR_S) await page.clock.fastForward(seconds * 1000);
  else await page.clock.runFor(seconds * 1000);
}

/** Sets up the first gear and beans through the forms, and stands before Beans in. */
export async function firstThings(page: Page): Promise<void> {
  await page.goto('/roast/');
  await page.getByLabel('What you call it').fill('Blue popper');
  await page.getByRole('button', { name: 'Add this gear' }).click();
  await page.getByLabel('What you call these beans').fill('Lantern Terrace');
  await page.getByLabel('How much green you bought').fill('1 kg');
  await page.getByRole('button', { name: 'Add these beans' }).click();
  await page.getByRole('button', { name: 'Beans in' }).waitFor();
}

/** Beans in, and the clock on screen. */
export async function beansIn(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Beans in' }).click();
  await page.getByRole('timer').waitFor();
}

/** The clock as it is painted. */
export const clockText = (page: Page) => page.getByRole('timer').innerText();

/** The rows of a table, straight from the browser's database. */
export const stored = (page: Page, table: string, name = 'gander') =>
  page.evaluate(
    ([table, name]) =>
      new Promise<never>((resolve, reject) => {
        const opening = indexedDB.open(name as string);
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const asking = opening.result
            .transaction(table as string)
            .objectStore(table as string)
            .getAll();
          asking.onsuccess = () => {
            opening.result.close();
            resolve(asking.result as never);
          };
        };
      }),
    [table, name] as const,
  ) as Promise<Record<string, never>[]>;

/** The stored roasts, straight from the browser's database; streamed readings, which lie apart while a roast goes on, come last. */
export async function storedRoasts(
  page: Page,
  name = 'gander',
): Promise<
  {
    id: string;
    gearId: string;
    chargedAt?: string;
    heard?: { cracksDb: number };
    entries: { kind: string; at: number; milestone?: string }[];
  }[]
> {
  // What was just pressed is on screen first; the small store has it until the database does.
  const isOnItsWay = () =>
    page.evaluate(
      (database) => Object.keys(localStorage).some((key) => key.startsWith(`gander.outbox/${database}/`)),
      name,
    );
  for (let tries = 0; tries < 20 && (await isOnItsWay()); tries++) await page.waitForTimeout(50);
  return page.evaluate(
    (database) =>
      new Promise<never>((resolve, reject) => {
        const opening = indexedDB.open(database);
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const reading = opening.result.transaction(['roasts', 'readings']);
          const roasts = reading.objectStore('roasts').getAll();
          const apart = reading.objectStore('readings').getAll();
          reading.oncomplete = () => {
            opening.result.close();
            const whole = roasts.result.map((roast) => ({
              ...roast,
              entries: [
                ...roast.entries,
                ...apart.result
                  .filter(({ roastId }) => roastId === roast.id)
                  .flatMap(({ kept }) => kept)
                  .map(([id, at, pressedAt, source, celsius]) => ({
                    kind: 'reading',
                    id,
                    at,
                    pressedAt,
                    source,
                    celsius,
                  })),
              ],
            }));
            resolve(whole as never);
          };
        };
      }),
    name,
  );
}

/** Gives the first piece of gear of a database a probe, before a page reads it; its id. */
export const giveProbe = (page: Page, database = 'gander-demo') =>
  page.evaluate(
    `new Promise((resolve) => { const opening = indexedDB.open('${database}'); opening.onsuccess = () => {
       const writing = opening.result.transaction('gear', 'readwrite'); let id;
       writing.objectStore('gear').getAll().onsuccess = (event) => { const [gear] = event.target.result; id = gear.id; writing.objectStore('gear').put({ ...gear, probe: { name: 'Thin probe', unit: 'C' } }); };
       writing.oncomplete = () => { opening.result.close(); resolve(id); }; }; })`,
  ) as Promise<string>;
