import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import { type Served, serveApp } from '../browser/harness.ts';
import { openChromiumDriver } from './chromium.ts';
import { button, type Driver, field, seen, until, words } from './driver.ts';
import { openFirefox } from './firefox.ts';
import { openWebKit } from './webkit.ts';

let app: Served;
before(async () => {
  app = await serveApp('ask');
});
after(() => app.stop());

const TIMER = '//*[@role="timer"]';
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** What an expression says of the `roasts`, straight from the browser's database. */
const ofRoasts = <T>(driver: Driver, says: string) =>
  driver.run<T>(`
    const opening = indexedDB.open('gander');
    const db = await new Promise((resolve, reject) => { opening.onsuccess = () => resolve(opening.result); opening.onerror = () => reject(opening.error); });
    const asking = db.transaction('roasts').objectStore('roasts').getAll();
    const roasts = await new Promise((resolve, reject) => { asking.onsuccess = () => resolve(asking.result); asking.onerror = () => reject(asking.error); });
    db.close();
    return ${says};
  `);
/** The kinds of the log's lines. */
const log = (driver: Driver) =>
  ofRoasts<string[]>(
    driver,
    'roasts.flatMap(({ entries }) => entries.map(({ kind, milestone }) => milestone ?? kind))',
  );
const logged = (driver: Driver, ...kinds: string[]) =>
  until(`the log to hold ${kinds.join(', ')}`, async () => JSON.stringify(await log(driver)) === JSON.stringify(kinds));

/** In °C or °F, as the engine's own language has it. */
const READING = '//input[starts-with(@aria-label, "Reading, °")]';

/** First run, plan, a whole roast with marks by press and key, a reload and the history in the middle, the journal, a file saved and loaded. */
async function journey(driver: Driver): Promise<void> {
  await driver.goto(`${app.address}/`);
  await seen(driver, words('You watch the beans'));
  await driver.click('//*[self::a or self::button][contains(., "Start my own")]');
  await seen(driver, '//button[contains(., "Hot-air popper")]');
  await driver.click('//button[contains(., "Hot-air popper")]');
  await seen(driver, button('Go on'));
  await driver.click(button('Go on'));
  await seen(driver, field('What you call them'));
  await driver.fill(field('What you call them'), 'Lantern Terrace');
  await driver.fill(field('How much green'), '1 kg');
  await driver.click(button('These beans: to the plan'));
  await seen(driver, button('Beans in'));
  await driver.click(button('Beans in'));
  await seen(driver, TIMER);
  // The plan's page is frozen now, wherever the engine freezes pages: every press must be kept all the same.
  await wait(1200);
  await driver.click(button('Yellow'));
  await logged(driver, 'yellow');
  await driver.press('c');
  await logged(driver, 'yellow', 'crack');
  await driver.press('t');
  await driver.fill(READING, '187');
  await driver.press('Enter');
  await logged(driver, 'yellow', 'crack', 'reading');
  await driver.reload();
  await seen(driver, TIMER);
  await driver.press('Space');
  await logged(driver, 'yellow', 'crack', 'reading', 'firstCrack');
  await driver.click('//a[contains(., "Other pages")] | //button[normalize-space(.)="More"]');
  await driver.goto(`${app.address}/journal/`);
  await seen(driver, words('On the heat'));
  await driver.back();
  await seen(driver, TIMER);
  await driver.press('c');
  await logged(driver, 'yellow', 'crack', 'reading', 'firstCrack', 'crack');
  await driver.forward();
  await seen(driver, words('On the heat'));
  await driver.back();
  await seen(driver, TIMER);
  await driver.press('Shift+Space');
  await logged(driver, 'yellow', 'crack', 'reading', 'firstCrack', 'crack', 'pull');
  await seen(driver, field('Roasted weight'));
  await driver.fill(field('Roasted weight'), '68 g');
  await driver.press('Enter');
  await seen(driver, words('Loss 15.0 %'));
  await driver.goto(`${app.address}/journal/`);
  await seen(driver, '//*[normalize-space(text())="1 roast"]');
  await driver.click('//li[@data-row="0"]//a');
  await seen(driver, field('Note'));
  await driver.fill(field('Note'), 'sweeter than last time');
  await driver.run('document.activeElement.blur()');
  await until('the note to be kept', () => ofRoasts<boolean>(driver, 'roasts[0].note !== undefined'));
  // Most keep a page that was left as it stood, and heard of nothing that was written since.
  await driver.back();
  await seen(driver, words('sweeter than last time'));
  await saveAndLoad(driver);
}

/** Saves the notebook, empties the database, and loads what was saved, as a browser does from its disk. */
async function saveAndLoad(driver: Driver): Promise<void> {
  await driver.goto(`${app.address}/files/`);
  await seen(driver, button('Save the notebook'));
  await driver.run(`
    const make = URL.createObjectURL.bind(URL);
    URL.createObjectURL = (blob) => { blob.text().then((text) => { window.savedText = text; }); return make(blob); };
    HTMLAnchorElement.prototype.click = function () {};
    window.showSaveFilePicker = undefined;
  `);
  await driver.click(button('Save the notebook'));
  const text = await until('the saved file', () => driver.run<string | undefined>('return window.savedText'));
  assert.equal((JSON.parse(text) as { roasts: unknown[] }).roasts.length, 1);
  await driver.run(`
    const opening = indexedDB.open('gander');
    const db = await new Promise((resolve) => { opening.onsuccess = () => resolve(opening.result); });
    const tx = db.transaction(['roasts', 'lots', 'gear'], 'readwrite');
    for (const name of ['roasts', 'lots', 'gear']) tx.objectStore(name).clear();
    await new Promise((resolve) => { tx.oncomplete = resolve; });
    db.close();
  `);
  await driver.goto(`${app.address}/files/`);
  await seen(driver, '//input[@type="file"]');
  await driver.run(`
    const input = document.querySelector('input[type="file"]');
    const carried = new DataTransfer();
    carried.items.add(new File([${JSON.stringify(text)}], 'gander.json', { type: 'application/json' }));
    input.files = carried.files;
    input.dispatchEvent(new Event('change', { bubbles: true }));
  `);
  await until('the file to be loaded', async () => {
    if ((await driver.texts(button('Load'))).length > 0) await driver.click(button('Load')).catch(() => undefined);
    return (await log(driver)).length > 0;
  });
  await driver.goto(`${app.address}/journal/`);
  await seen(driver, '//*[normalize-space(text())="1 roast"]');
}

describe('the same journey in every engine that people have', () => {
  for (const [engine, open] of [
    ['Chromium', openChromiumDriver],
    ['WebKit', openWebKit],
    ['Firefox', openFirefox],
  ] as const)
    it(`in ${engine}`, { timeout: 300_000 }, async () => {
      // Drivers of three makers under a busy machine: one that loses its browser gets a second one, and the first fault is printed.
      for (let tries = 1; ; tries++) {
        const driver = await open();
        try {
          return await journey(driver);
        } catch (error) {
          if (tries === 2) throw error;
          console.log(`${engine}, first try: ${(error as Error).message}`);
        } finally {
          await driver.close();
        }
      }
    });
});
