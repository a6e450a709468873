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
  await page.getByRole('button', { name: 'Lid on; press for off' }).click();
  await later(page, 50, '3');
  await later(page, 44, 'c');
  await later(page, 20);
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
    name: 'label',
    go: async (page) => {
      await page.goto('/larder/shelf/');
      await page.getByRole('listitem').first().getByRole('link').first().click();
      await page.getByRole('link', { name: 'Its label' }).click();
      await page.getByText('best until').waitFor();
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
    name: 'flight',
    go: async (page) => {
      await page.goto('/taste/flight/');
      await page.getByLabel('Who tastes').fill('Ada, Bo');
      await page.getByRole('button', { name: 'Draw the codes' }).click();
      await page.getByRole('link', { name: 'It is poured: taste' }).click();
      await page.getByRole('button', { name: 'I am Ada' }).click();
      await page
        .getByRole('button', { name: /^\d{3}$/ })
        .nth(1)
        .click();
    },
  },
  {
    name: 'flight-result',
    go: async (page) => {
      await page.goto('/taste/');
      await page.getByRole('link', { name: /lid on against/ }).click();
      await page.getByText('The key').waitFor();
    },
  },
  {
    name: 'practice',
    go: async (page) => {
      await page.goto('/practice/');
      await page.getByLabel('Gear').selectOption('stovetopPopper');
      await page.getByLabel('Speed').selectOption('30');
      await page.getByRole('button', { name: 'Beans in' }).click();
      await page.getByText('Simulated beans').waitFor();
      for (let i = 0; i < 30; i++) await later(page, 0.4);
      await page.keyboard.press('Space');
      for (let i = 0; i < 10; i++) await later(page, 0.4);
    },
  },
  {
    name: 'roast-early',
    go: async (page) => {
      await beansIn(page, 'Old Ferry, India', 'Rattle drum');
      await later(page, 60, '1');
      for (const celsius of ['88', '104', '117']) {
        await later(page, 30, 't');
        await page.keyboard.type(celsius);
        await later(page, 1, 'Enter');
      }
    },
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
  { name: 'roast-night', night: true, go: toBrowning },
  {
    name: 'roast-after-first-crack-phone',
    phone: true,
    go: async (page) => {
      await toBrowning(page);
      await later(page, 25, 'Space');
      for (let i = 0; i < 9; i++) await later(page, 3, 'c');
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  {
    name: 'roast-after-the-pull',
    go: async (page) => {
      await toBrowning(page);
      await later(page, 25, 'Space');
      for (let i = 0; i < 9; i++) await later(page, 3, 'c');
      await later(page, 50, 'Shift+Space');
      await later(page, 65);
      await page.getByLabel('Roasted weight').fill('68.4');
      await page.getByLabel('Roasted weight').press('Enter');
      await page.getByRole('button', { name: 'medium', exact: true }).click();
    },
  },
  {
    name: 'journal',
    go: async (page) => {
      await page.goto('/journal/');
      await page.getByRole('radio', { name: 'first crack' }).click();
    },
  },
  {
    name: 'roast-page',
    go: async (page) => {
      await page.goto('/journal/');
      await page.getByText('best cup yet').first().click();
      await page.getByText('What happened').waitFor();
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
