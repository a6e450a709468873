// ./gander bench [parts]: the numbers the app is held to; all of them, or the parts that are named.
import { type Served, serveApp } from '../tests/browser/harness.ts';
import { printBacktest } from './backtest.ts';
import { coreFigures } from './core.ts';
import { dayFigure } from './dayPlan.ts';
import { printFindings } from './findings.ts';
import { firstRowTimes } from './firstRows.ts';
import { largeFileFigures } from './largeFile.ts';
import { largeJournalFigures } from './largeJournal.ts';
import { largePhotoFigures } from './largePhoto.ts';
import { printListening } from './listening.ts';
import { printLooking } from './looking.ts';
import { manyRoasts } from './manyRoasts.ts';
import { printMutation } from './mutation.ts';
import { probeBacktest } from './probe.ts';
import { type Figure, printFigures, quantile } from './report.ts';
import { clockFigure, pressFigures, sizeFigures, slowedFigures } from './roastScreen.ts';
import { killFigure, mutationFigures, streamFigures, writtenFigure } from './trust.ts';
import { printWhistles } from './whistles.ts';

const MORE_ROASTS = 1000;
/** A journal of a lifetime. */
const LARGE_JOURNAL = 5000;
const NAVIGATIONS = 8;

/** What can be measured, in the order it is: without a browser first. */
const parts = {
  core: () => printFigures('The core, in Node', coreFigures()),
  mutation: printMutation,
  findings: printFindings,
  listening: printListening,
  whistles: printWhistles,
  looking: () => {
    printLooking();
    return served(async (app) => printFigures('A large photo', await largePhotoFigures(app)));
  },
  backtest: () => {
    // Seeds that were not used while the forecast was developed.
    printBacktest(24, 20_261_301);
    probeBacktest(24, 20_261_214);
    probeBacktest(24, 20_261_215, true);
  },
  roast: () =>
    served(async (app) => {
      const large = await openLarge(app);
      const { page } = large;
      const figures = [...(await pressFigures(page)), journalFigure(await firstRowTimes(page, NAVIGATIONS))];
      await large.close();
      printFigures(`In headless Chromium, demo household plus ${MORE_ROASTS} roasts`, figures);
    }),
  slowed: () => served(async (app) => printFigures('With the processor slowed six times', await slowedFigures(app))),
  clock: () => served(async (app) => printFigures('The clock', [await clockFigure(app)])),
  day: () => served(async (app) => printFigures('The day plan', [await dayFigure(app)])),
  trust: async () => {
    printFigures('Spoilt files, in Node', mutationFigures());
    printFigures('The server', await streamFigures());
    await served(async (app) => printFigures('An hour with a probe', [await writtenFigure(app)]));
    const app = await serveApp('ask');
    printFigures('A file of 5,000 roasts', await largeFileFigures(app));
    printFigures('The browser killed', [await killFigure(app)]);
    await app.stop();
  },
  size: () => served(async (app) => printFigures('What the roast screen loads', await sizeFigures(app))),
  journal: () =>
    served(async (app) => {
      const { page, close } = await app.open();
      const figures = await largeJournalFigures(page, LARGE_JOURNAL);
      await close();
      printFigures(`The journal of the demo household plus ${LARGE_JOURNAL} roasts`, figures);
    }),
} satisfies Record<string, () => void | Promise<void>>;

async function served(measure: (app: Served) => Promise<void>): Promise<void> {
  const app = await serveApp('demo');
  try {
    await measure(app);
  } finally {
    await app.stop();
  }
}

async function openLarge(app: Served) {
  const opened = await app.open();
  const { page } = opened;
  page.on('dialog', (dialog) => void dialog.accept());
  await page.goto('/files/');
  const buffer = Buffer.from(manyRoasts(MORE_ROASTS));
  await page
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'many.gander.json', mimeType: 'application/json', buffer });
  await page.getByRole('button', { name: 'Load it' }).click();
  await page.getByRole('status').getByText('is loaded').waitFor({ timeout: 60_000 });
  return opened;
}

function journalFigure(times: readonly number[]): Figure {
  return {
    what: `journal: first rows after navigation, median of ${times.length}`,
    value: quantile(times, 0.5),
    most: 300,
    unit: 'ms',
  };
}

const named = process.argv.slice(2);
const unknown = named.filter((name) => !(name in parts));
if (unknown.length > 0) {
  console.error(`No part is called ${unknown.join(', ')}. There are: ${Object.keys(parts).join(', ')}.`);
  process.exit(1);
}
/** Takes half an hour, so it runs only when it is asked for. */
const LONG = ['mutation'];
for (const [name, measure] of Object.entries(parts))
  if (named.length === 0 ? !LONG.includes(name) : named.includes(name)) await measure();
