import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Page } from 'playwright-core';
import { beansIn, openAt, pass } from './deeds.ts';
import { type Served, serveApp } from './harness.ts';

let app: Served;
before(async () => {
  app = await serveApp('demo');
});
after(() => app.stop());

const SIZES = [
  [1280, 800],
  [1366, 768],
  [1024, 768],
  [1024, 672],
  [800, 1280],
  [768, 954],
  [390, 844],
  [360, 640],
  [844, 390],
] as const;
/** The least that a gloved thumb hits, pixels. */
const LEAST = { width: 56, height: 64 };

interface Box {
  readonly name: string;
  readonly place: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly covered: boolean;
}

/** Every pressable thing as it lies now: its zone with its place among the zone's, and whether something lies over its middle. */
function boxes(page: Page): Promise<Box[]> {
  return page.evaluate(() => {
    const zones = [
      'heat-bar',
      'heat-clock',
      'heat-answers',
      'heat-greats',
      'heat-roomy-marks',
      'heat-roomy-moves',
      'heat-tabs',
      'heat-tray',
    ];
    // The tray shows one thing at a time: each of its tabs has places of its own.
    const tab = document.querySelector('.heat-tabs [aria-pressed=true]')?.textContent?.replace('due', '') ?? '';
    return zones.flatMap((zone) =>
      [...document.querySelectorAll(`.${zone} :is(button, a, input, select)`)]
        .filter((element) => element.getClientRects().length > 0)
        .map((element, i) => {
          const { x, y, width, height } = element.getBoundingClientRect();
          const over = document.elementFromPoint(x + width / 2, y + height / 2);
          const name = element.getAttribute('aria-label') ?? (element.textContent ?? '').trim();
          return {
            name,
            place: `${zone}${zone === 'heat-tray' ? ` of ${tab}` : ''} ${i}`,
            x,
            y,
            width,
            height,
            covered: !(over && (element.contains(over) || over.contains(element))),
          };
        }),
    );
  });
}

/** What one size showed of its pressable things, as sentences; empty when all stood still, whole and free. */
class Watch {
  readonly faults = new Set<string>();
  private readonly first = new Map<string, Box>();
  samples = 0;
  constructor(
    private readonly width: number,
    private readonly height: number,
  ) {}

  async look(page: Page): Promise<void> {
    this.samples++;
    for (const box of await boxes(page)) {
      const { place, name, x, y, width, height, covered } = box;
      // Answers come and go in their place; one may have more of them than another, so only the place is held.
      const key = place.startsWith('heat-answers') ? undefined : `${place}`;
      const before = key && this.first.get(key);
      if (key && !before) this.first.set(key, box);
      if (before)
        for (const side of ['x', 'y', 'width', 'height'] as const)
          if (Math.abs(before[side] - box[side]) > 1)
            this.faults.add(`${place} “${name}” moved: ${side} ${before[side]} to ${box[side]}`);
      if (x < -1 || y < -1 || x + width > this.width + 1 || y + height > this.height + 1)
        this.faults.add(`${place} “${name}” leaves the window: ${[x, y, x + width, y + height].map(Math.round)}`);
      if (covered) this.faults.add(`${place} “${name}” is covered`);
      if (width < LEAST.width - 1 || height < LEAST.height - 1)
        this.faults.add(`${place} “${name}” is only ${Math.round(width)} by ${Math.round(height)}`);
    }
    const [scrolls, cut] = await page.evaluate(() => {
      // The smallest phones have no room for how sure it is.
      const small = innerWidth < 640 && innerHeight < 700;
      const told = [...document.querySelectorAll(small ? '.heat-field' : '.heat-field, .heat-next')];
      return [
        document.documentElement.scrollHeight - innerHeight,
        told.flatMap((each) =>
          each.scrollHeight - each.clientHeight > 1
            ? [`${each.scrollHeight - each.clientHeight} px: ${each.textContent}`]
            : [],
        ),
      ] as const;
    });
    if (scrolls > 1) this.faults.add(`the page scrolls by ${scrolls} px`);
    for (const what of cut) this.faults.add(`cut off: ${what}`);
  }
}

/**
 * The layout shifts since the beans went in, as the browser counts them: those that no press of the person's own made, and
 * more than a word that is centred anew inside its button (a thousandth; the buttons themselves are measured above).
 */
const shifts = (page: Page) => page.evaluate(() => (window as unknown as { shifts: string[] }).shifts.join('\n'));
const watchShifts = (page: Page) =>
  page.evaluate(() => {
    interface Shift {
      readonly value: number;
      readonly hadRecentInput: boolean;
      readonly sources: readonly {
        readonly node?: Node;
        readonly previousRect: DOMRect;
        readonly currentRect: DOMRect;
      }[];
    }
    const found: string[] = [];
    (window as unknown as { shifts: string[] }).shifts = found;
    new PerformanceObserver((list) => {
      for (const { value, hadRecentInput, sources } of list.getEntries() as unknown as Shift[])
        if (!hadRecentInput && value > 0.001)
          for (const { node, previousRect, currentRect } of sources)
            found.push(
              `${value.toFixed(4)} “${node?.textContent?.slice(0, 40)}” in ${node?.parentElement?.className}: ${JSON.stringify([previousRect, currentRect])}`,
            );
    }).observe({ type: 'layout-shift', buffered: false });
  });

describe('the roast screen holds still', () => {
  for (const [width, height] of SIZES)
    it(`at ${width} by ${height}, through a whole roast with every kind of notice`, async () => {
      const { page, close } = await app.open({ viewport: { width, height } });
      await openAt(page, '/plan/');
      await page.getByLabel('Gear').selectOption({ label: 'Crank pot' });
      await page.getByLabel('Move').selectOption('flame');
      await page.getByLabel('To', { exact: true }).selectOption('3');
      await page.getByRole('button', { name: 'Add', exact: true }).click();
      await beansIn(page);
      await watchShifts(page);
      const watch = new Watch(width, height);
      const told = new Set<string>();
      const go = async (seconds: number, key?: string) => {
        // Oftener than any notice goes.
        for (let s = 0; s < seconds; s += 10) {
          await pass(page, Math.min(10, seconds - s));
          await watch.look(page);
          told.add((await page.getByRole('status').first().innerText()).replace(/[\d:.]+/g, '…'));
        }
        if (key) {
          await page.keyboard.press(key);
          await pass(page, 1);
          await watch.look(page);
        }
      };
      const read = async (celsius: number) => {
        await page.keyboard.press('t');
        await page.keyboard.type(String(celsius));
        await go(1, 'Enter');
      };
      await go(60, '2');
      await read(95);
      await go(60);
      await read(130);
      await go(30);
      await read(21);
      await go(5, 'u');
      // Nobody marks yellow: the clock asks; then a colour offers the mark, and the mark a planned move.
      await go(260);
      await go(5, 'Shift+Digit3');
      await go(5, 'Space');
      await go(150);
      for (let i = 0; i < 4; i++) await go(2, 'c');
      await go(3);
      await go(5, 'Space');
      await go(25, 'b');
      await go(45, 'c');
      await go(10, 'n');
      await page.keyboard.type('window open');
      await go(1, 'Enter');
      for (const tab of await page.locator('.heat-tabs button').all()) {
        await tab.click();
        await watch.look(page);
      }
      await page.locator('.heat-tabs button').first().click();
      await go(60);
      for (let i = 0; i < 6; i++) await go(0.5, 'c');
      await go(30);
      assert.equal([...watch.faults].join('\n'), '');
      assert.equal(await shifts(page), '');
      assert.ok(told.size >= 8, `only ${told.size} different things were told: ${[...told].join(' | ')}`);
      assert.ok(watch.samples > 100);
      await close();
    });
});
