import type { Page } from 'playwright-core';

export interface Shot {
  readonly name: string;
  readonly phone?: boolean;
  readonly night?: boolean;
  /** The whole page, not only what fits the window. */
  readonly whole?: boolean;
  readonly go: (page: Page) => Promise<void>;
}

/** Chooses beans and gear, and puts them in. */
async function beansIn(page: Page, beans = 'Lantern Terrace, Peru', on = 'Blue popper'): Promise<void> {
  await page.goto('/roast/');
  await page.getByLabel('Gear').selectOption({ label: on });
  await page.getByLabel('Beans').selectOption({ label: beans });
  await page.getByRole('button', { name: 'Beans in' }).click();
  await page.getByRole('timer').waitFor();
}

/** Lets the time pass and presses a key. */
async function later(page: Page, seconds: number, key?: string): Promise<void> {
  await page.clock.runFor(seconds * 1000);
  if (key) {
    await page.keyboard.press(key);
    await page.waitForTimeout(120);
  }
}

async function toBrowning(page: Page): Promise<void> {
  await beansIn(page);
  await later(page, 70, '2');
  await later(page, 40, 'ArrowUp');
  await later(page, 46, 'Space');
  const lid = page.getByRole('button', { name: 'Lid on; press for off' });
  if ((await lid.count()) === 0) await page.getByRole('button', { name: 'Moves', exact: true }).click();
  await lid.click();
  await later(page, 50, '3');
  await later(page, 44, 'c');
  await later(page, 20);
}

/** First crack with its pops, the quiet gap, and second crack that nobody wanted. */
async function toSecondCrack(page: Page): Promise<void> {
  await toBrowning(page);
  await later(page, 25, 'Space');
  for (let i = 0; i < 9; i++) await later(page, 3, 'c');
  await later(page, 50);
  for (let i = 0; i < 6; i++) await later(page, 0.6, 'c');
  await later(page, 6);
}

/** Simulated beans that Gander listens to, until it has heard first crack. */
async function toHeardCrack(page: Page): Promise<void> {
  await page.goto('/practice/');
  await page.getByLabel('Gear').selectOption('stovetopPopper');
  await page.getByLabel('Speed').selectOption('30');
  await page.getByRole('button', { name: 'Beans in' }).click();
  await page.getByText('Simulated beans').waitFor();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: 'Listen', exact: true }).click();
  const heard = page.getByText(/^I hear first crack since/);
  for (let i = 0; i < 80 && (await heard.count()) === 0; i++) {
    await later(page, 0.4);
    if (i === 10)
      await page
        .getByRole('button', { name: /^Yellow/ })
        .first()
        .click();
    // Its sound is made and heard in real time, away from the page.
    await page.waitForTimeout(400);
  }
  await heard.waitFor();
}

/** Opens the page of the roast that these words find. */
async function openRoast(page: Page, words: string): Promise<void> {
  await page.goto(`/journal/?text=${encodeURIComponent(words)}`);
  await page.getByText(/^1 of \d+ roasts$/).waitFor();
  await page.locator('[data-row="0"] a').click();
  await page.getByText('What happened').waitFor();
}

export const shots: readonly Shot[] = [
  { name: 'today', go: async () => {} },
  {
    name: 'plan',
    go: async (page) => {
      await page.goto('/plan/');
      await page.getByLabel('Gear').selectOption({ label: 'Blue popper' });
      await page.getByLabel('Weight', { exact: true }).fill('250 g');
      await page.getByLabel('Green or roasted').selectOption('roasted');
      await page.getByText('On the clock').waitFor();
    },
  },
  {
    name: 'roast-day',
    go: async (page) => {
      await page.goto('/plan/day/');
      for (const [gear, beans] of [
        ['Blue popper', 'Lantern Terrace, Peru'],
        ['Crank pot', 'Old Ferry, India'],
      ] as const) {
        await page.getByLabel('How many').selectOption('2');
        await page.getByLabel('Batch gear').selectOption({ label: gear });
        await page.getByLabel('Batch beans').selectOption({ label: beans });
        await page.getByRole('button', { name: 'Put it on the list' }).click();
        await page.getByText(beans).nth(1).waitFor();
      }
      await page.getByRole('button', { name: 'Take the shortest order' }).click();
      await page.getByText('cools while').first().waitFor();
      await page.getByRole('button', { name: 'Close' }).click();
    },
  },
  {
    name: 'shelf',
    go: async (page) => {
      await page.goto('/larder/shelf/');
      await page.getByText('of roasted coffee in').waitFor();
    },
  },
  {
    name: 'taste-sheet-phone',
    phone: true,
    go: async (page) => {
      await page.goto('/taste/sheet/');
      await page.getByLabel('Smell').fill('7.5');
      await page.getByLabel('Sweetness').fill('8');
      await page.getByLabel('Overall').fill('8.5');
      await page.getByRole('button', { name: 'toffee' }).click();
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  {
    name: 'practice',
    go: toHeardCrack,
  },
  { name: 'roast-browning', go: toBrowning },
  {
    name: 'roast-after-first-crack',
    go: async (page) => {
      await toBrowning(page);
      await later(page, 25, 'Space');
      for (let i = 0; i < 12; i++) await later(page, 2, 'c');
      await later(page, 48);
    },
  },
  { name: 'roast-second-crack', go: toSecondCrack },
  {
    name: 'look',
    go: async (page) => {
      await openRoast(page, 'dark spots');
      // The simulated beans draw their own photo, in real time.
      const photo = page.getByRole('img', { name: /with the light taken out/ });
      for (let i = 0; i < 60 && (await photo.count()) === 0; i++) {
        await later(page, 0.5);
        await page.waitForTimeout(500);
      }
      await page.getByRole('region', { name: 'Look at the beans' }).evaluate((section) => section.scrollIntoView());
    },
  },
  { name: 'roast-browning-phone', phone: true, go: toBrowning },
  {
    name: 'roast-after-first-crack-phone',
    phone: true,
    go: async (page) => {
      await toBrowning(page);
      await later(page, 25, 'Space');
      for (let i = 0; i < 9; i++) await later(page, 3, 'c');
    },
  },
  {
    name: 'journal',
    go: async (page) => {
      await page.goto('/journal/');
      await page.getByText(/^\d+ roasts$/).waitFor();
      await page.getByRole('button', { name: 'Narrow it down' }).click();
      await page.getByRole('radio', { name: 'first crack' }).click();
      await page.locator('[data-row="0"] svg').waitFor();
    },
  },
  {
    name: 'roast-page',
    whole: true,
    go: async (page) => {
      await openRoast(page, 'tart lemon pith');
      await page.getByText('One change for the next batch').waitFor();
    },
  },
  {
    name: 'compare',
    whole: true,
    go: async (page) => {
      await page.goto('/journal/?text=tart');
      await page.getByText(/^\d of \d+ roasts$/).waitFor();
      await page.locator('[data-row="0"] input').check();
      await page.getByLabel('Search the journal').fill('toffee orange');
      await page.getByText(/^[^0]\d* of \d+ roasts$/).waitFor();
      await page.getByText('best cup yet').waitFor();
      await page.locator('[data-row]').filter({ hasText: 'best cup yet' }).getByRole('checkbox').check();
      await page.getByRole('link', { name: 'Compare' }).click();
      await page.getByText('Figures and tastes').waitFor();
    },
  },
  {
    name: 'weeks-ahead',
    go: async (page) => {
      await page.goto('/plan/ahead/');
      await page.getByRole('heading', { level: 1, name: /^Roast / }).waitFor();
    },
  },
  {
    name: 'front-door',
    go: async (page) => {
      await page.getByText('Open my own').click();
      await page.getByText('You watch the beans.').waitFor();
      await later(page, 12);
    },
  },
  {
    name: 'larder',
    go: async (page) => {
      await page.goto('/larder/');
      await page.getByText('Rain Ladder').waitFor();
    },
  },
  {
    name: 'gear',
    go: async (page) => {
      await page.goto('/gear/');
      await page.getByText('Rattle drum').waitFor();
    },
  },
];
