import type { Page } from 'playwright-core';

/** Whoever goes to the journal comes from another page that has done its reading. */
const SETTLED_MS = 1500;

/** From the navigation, coming from today's page, to the frame after the journal's first rows, so many times, ms. */
export async function firstRowTimes(page: Page, navigations: number): Promise<number[]> {
  await page.addInitScript(() => {
    const observer = new MutationObserver(() => {
      if (!document.querySelector('ol li svg')) return;
      observer.disconnect();
      requestAnimationFrame(() => setTimeout(() => Object.assign(globalThis, { rowsAt: performance.now() })));
    });
    observer.observe(document, { subtree: true, childList: true });
  });
  const times: number[] = [];
  for (let i = 0; i < navigations; i++) {
    await page.goto('/');
    await page.waitForTimeout(SETTLED_MS);
    await page.goto('/journal/');
    await page.waitForFunction(() => 'rowsAt' in globalThis);
    times.push(await page.evaluate(() => (globalThis as unknown as { rowsAt: number }).rowsAt));
  }
  return times;
}
