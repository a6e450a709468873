import type { Served } from '../tests/browser/harness.ts';
import type { Figure } from './report.ts';

/** Ten batches on three gear, the worst case of the planner: from the list to the answer, in the worker. */
export async function dayFigure(app: Served): Promise<Figure> {
  const { page, close } = await app.open();
  await page.addInitScript(() => {
    const Own = Worker;
    Object.assign(globalThis, { searches: [] as number[] });
    globalThis.Worker = class extends Own {
      constructor(...args: ConstructorParameters<typeof Own>) {
        super(...args);
        const at = performance.now();
        this.addEventListener('message', () =>
          (globalThis as never as { searches: number[] }).searches.push(performance.now() - at),
        );
      }
    };
  });
  await page.goto('/plan/day/');
  for (const [gear, count] of [
    ['Blue popper', 4],
    ['Crank pot', 3],
    ['Rattle drum', 3],
  ] as const)
    for (let i = 0; i < count; i++) {
      await page.getByLabel('Batch gear').selectOption({ label: gear });
      // Every batch of another shade, so that none is like another and every order counts.
      await page.getByLabel('Batch shade').selectOption(String(i + 2));
      await page.getByRole('button', { name: 'Put it on the list' }).click();
      await page.waitForTimeout(150);
    }
  await page.waitForTimeout(1500);
  const searches = await page.evaluate(() => (globalThis as never as { searches: number[] }).searches);
  await close();
  return {
    what: 'best order of ten batches on three gear, in the worker',
    value: Math.max(...searches),
    most: 1000,
    unit: 'ms',
  };
}
