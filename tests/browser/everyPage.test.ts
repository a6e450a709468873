import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Page } from 'playwright-core';
import { assertNoViolation } from './axe.ts';
import { beansIn, firstThings, openAt, pass } from './deeds.ts';
import { PHONE, type Served, serveApp } from './harness.ts';

let empty: Served;
let demo: Served;
before(async () => {
  [empty, demo] = await Promise.all([serveApp('ask'), serveApp('demo')]);
});
after(async () => {
  await empty.stop();
  await demo.stop();
});

const PATHS = [
  '/',
  '/roast/',
  '/plan/',
  '/plan/day/',
  '/plan/ahead/',
  '/journal/',
  '/journal/recipes/',
  '/journal/experiments/',
  '/journal/money/',
  '/larder/',
  '/larder/shelf/',
  '/larder/buying/',
  '/taste/',
  '/taste/sheet/',
  '/taste/flight/',
  '/gear/',
  '/gear/piece/',
  '/practice/',
  '/files/',
  '/files/swatch/',
];

const SIZES = [
  PHONE,
  { width: 320, height: 640 },
  { width: 640, height: 400 },
  { width: 844, height: 390 },
  { width: 768, height: 1024 },
];

/** By day with every rule; at night only the colours are other ones. */
async function assertAccessible(page: Page, what: string): Promise<void> {
  await assertNoViolation(page, what);
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.waitForFunction(() => document.documentElement.dataset.theme === 'night');
  // Colours move for a moment.
  await page.waitForTimeout(450);
  await assertNoViolation(page, `${what} at night`, ['color-contrast']);
  await page.emulateMedia({ colorScheme: 'light' });
}

async function assertNoSideways(page: Page, what: string): Promise<void> {
  const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  assert.equal(over, 0, `${what} scrolls sideways by ${over} px`);
}

/** What lies beyond the edge and cannot be scrolled to. */
function outOfView(page: Page): Promise<string[]> {
  return page.evaluate(() =>
    [...document.querySelectorAll('header *, nav *, main *')].flatMap((element) => {
      const { left, right, width } = element.getBoundingClientRect();
      if (width === 0 || element.closest('svg') || (left >= -1 && right <= innerWidth + 1)) return [];
      for (let at = element.parentElement; at; at = at.parentElement)
        if (/auto|scroll/.test(getComputedStyle(at).overflowX) && at.scrollWidth > at.clientWidth) return [];
      return [`${element.tagName} ${Math.round(left)} to ${Math.round(right)}: ${element.textContent?.slice(0, 30)}`];
    }),
  );
}

describe('every page of the demo household', () => {
  it('has no accessibility violation, by day or by night', async () => {
    const { page, close } = await demo.open();
    for (const path of PATHS) {
      await page.goto(path);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await assertAccessible(page, path);
    }
    await page.goto('/journal/');
    await page.getByRole('listitem').first().getByRole('link').click();
    await page.getByText('What happened').waitFor();
    await assertAccessible(page, 'roast page');
    await page.getByRole('button', { name: 'Delete', exact: true }).click();
    await page.getByRole('dialog').waitFor();
    await assertAccessible(page, 'delete dialog');
    await close();
  });

  it('fits a phone, the narrowest of them, one held sideways, a tablet, and a window at 200 % zoom, with nothing cut off', async () => {
    const { page, close } = await demo.open({ viewport: PHONE, hasTouch: true, isMobile: true });
    for (const path of [...PATHS, '/journal/paper/']) {
      await page.setViewportSize(PHONE);
      await page.goto(path);
      await page.getByRole('heading', { level: 1 }).waitFor();
      for (const size of SIZES) {
        await page.setViewportSize(size);
        // What measures its own width draws again a frame later.
        await page.waitForTimeout(150);
        await assertNoSideways(page, `${path} at ${size.width} px`);
        assert.deepEqual(await outOfView(page), [], `${path} at ${size.width} px`);
      }
    }
    await close();
  });
});

describe('the roast screen', () => {
  it('has no accessibility violation in any stage, by day and by night, wide and on a phone', async () => {
    for (const options of [{}, { viewport: PHONE, hasTouch: true, isMobile: true }]) {
      const { page, close } = await empty.open(options);
      await openAt(page, '/roast/');
      await firstThings(page);
      await beansIn(page);
      for (const [seconds, key] of [
        [10, '1'],
        [110, 'Space'],
        [60, 'c'],
        [60, 'Space'],
        [60, 'Shift+Space'],
        [100, 'Space'],
      ] as const) {
        await assertAccessible(page, `before ${key}`);
        await assertNoSideways(page, `before ${key}`);
        await pass(page, seconds);
        await page.keyboard.press(key);
        // Colours move for a moment after a change of stage.
        await page.waitForTimeout(450);
      }
      await assertAccessible(page, 'at the end');
      await close();
    }
  });
});
