import assert from 'node:assert/strict';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import type { Page } from 'playwright-core';
import { beansIn, firstThings, storedRoasts } from './deeds.ts';
import { KEEPS_PAGES } from './harness.ts';
import { openChromium } from './ownChromium.ts';
import { plainHost } from './plainHost.ts';

let folder: string;
let host: Awaited<ReturnType<typeof plainHost>>;
before(async () => {
  folder = mkdtempSync(join(tmpdir(), 'gander-site-'));
  // What ./gander build --static puts into ./site.
  cpSync('dist/client', folder, { recursive: true });
  host = await plainHost(folder);
});
after(async () => {
  await host.stop();
  rmSync(folder, { recursive: true });
});

async function open() {
  const { context, close } = await openChromium({ baseURL: host.address, ...KEEPS_PAGES });
  const page = context.pages()[0] ?? (await context.newPage());
  page.setDefaultTimeout(30_000);
  return { page, context, close };
}

/** Waits until the pages are kept, or a newer build waits. */
const workerIs = async (page: Page, which: 'active' | 'waiting') => {
  const wanted = which === 'active' ? 'activated' : 'installed';
  for (let tries = 0; tries < 200; tries++) {
    const state = await page.evaluate(
      (one) => navigator.serviceWorker.getRegistration().then((registration) => registration?.[one]?.state),
      which,
    );
    if (state === wanted) return;
    await page.waitForTimeout(100);
  }
  assert.fail(`no worker is ${wanted}`);
};

describe('on a web host that knows files only', () => {
  it('a roast is timed and kept, and pages open without their last slash when nothing answers', async () => {
    const { page, context, close } = await open();
    await firstThings(page);
    await page.goto('/roast/');
    await beansIn(page);
    await page.keyboard.press('Space');
    await page.keyboard.press('Shift+Space');
    await page.getByText('Cooling').waitFor();
    assert.equal((await storedRoasts(page)).length, 1);
    await page.goto('/files/');
    await workerIs(page, 'active');
    await context.setOffline(true);
    for (const [path, shows] of [
      ['/journal', '1 roast'],
      ['/larder', 'Lantern Terrace'],
      ['/gear', 'Blue popper'],
    ] as const) {
      await page.goto(path);
      await page.getByText(shows).first().waitFor();
    }
    await close();
  });

  it('a page of its own lets no script run that was not built into it', async () => {
    const { page, close } = await open();
    await page.goto('/files/');
    const ran = await page.evaluate(() => {
      const script = document.createElement('script');
      script.textContent = 'window.ran = true';
      document.body.append(script);
      return (window as unknown as { ran?: boolean }).ran ?? false;
    });
    assert.equal(ran, false);
    await close();
  });

  it('a newer Gander is offered with what changed, taken when wanted, and never at the heat', async () => {
    const { page, close } = await open();
    await firstThings(page);
    await page.goto('/files/');
    await workerIs(page, 'active');
    await page.reload();
    const path = join(folder, 'offline.js');
    const built = readFileSync(path, 'utf8');
    writeFileSync(
      path,
      built.replace(/20\d\d-\d\d-\d\d/, '2031-01-01').replace('says:[', `says:["Beans hum a tune.",`),
    );
    await page.evaluate(() => navigator.serviceWorker.getRegistration().then((one) => one?.update()));
    await workerIs(page, 'waiting');
    const offer = page.getByText('A newer Gander is here');
    await offer.waitFor();

    await page.goto('/roast/');
    await beansIn(page);
    await page.goto('/journal/');
    await page.getByText('On the heat').waitFor();
    assert.equal(await offer.count(), 0, 'not while something is on the heat');
    await page.getByText('Go on').click();
    await page.getByRole('timer').waitFor();
    await page.keyboard.press('Space');
    await page.keyboard.press('Shift+Space');
    await page.getByText('Cooling').waitFor();

    await page.goto('/journal/');
    await page.getByRole('button', { name: 'What changed?' }).click();
    await page.getByText('Beans hum a tune.').waitFor();
    await page.getByRole('button', { name: 'Take it' }).click();
    await offer.waitFor({ state: 'detached' });
    await page.getByText('1 roast', { exact: true }).waitFor();
    assert.equal(
      await page.evaluate(() => navigator.serviceWorker.getRegistration().then((one) => one?.waiting ?? null)),
      null,
    );
    await close();
  });
});
