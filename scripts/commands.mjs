import { cpSync, rmSync, statSync } from 'node:fs';
import { globSync } from './files.mjs';
import { allPass, inLanes, job } from './lanes.mjs';
import { ensureBuilt, ensureChromium, ensureEngines, ensureInstalled } from './prepare.mjs';
import { bin, run } from './run.mjs';
import { serve } from './serve.mjs';

const tests = (...folders) => folders.flatMap((folder) => globSync(`tests/${folder}`, '.test.ts', '.test.tsx'));
const node = (name, ...args) => job(name, process.execPath, ['--import', 'tsx', ...args]);
const together = (folder) =>
  node(`tests/${folder}`, 'scripts/together.mjs', ...tests(folder).filter((file) => !ALONE.includes(file)));

/** The same with how much of the core its tests go through, in a few lines at its end. */
const covered = ({ name, command, args }) =>
  job(name, bin('c8'), [
    '--reporter=text-summary',
    '--include=src/core/**',
    '--temp-directory=node_modules/.cache/coverage',
    command,
    ...args,
  ]);

/** These start processes of their own and take long. */
const ALONE = ['tests/core/seams.test.ts', 'tests/core/exchange/fileCheck.test.ts'];

/** Types, lint, the one-way imports, and every test without a browser; the longest first. */
const checks = () => [
  covered(together('core')),
  job('Types, of pages too', bin('astro'), ['check', '--minimumFailingSeverity', 'warning']),
  ...ALONE.map((file) => node(file, '--test', file)),
  together('store'),
  job('Unused', bin('knip'), ['--no-progress']),
  job('Types of the core', bin('tsc'), ['--project', 'tsconfig.core.json']),
  job('Imports', bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']),
  job('Lint', bin('biome'), ['check', '--error-on-warnings', '.']),
  ...['server', 'views', 'workers'].map(together),
];

const build = {
  name: 'Build',
  go: () =>
    ensureBuilt().then(
      () => true,
      (error) => console.error(error.message) ?? false,
    ),
};

/** The longest by far, short as its text is: it starts first. */
const LONGEST = 'tests/browser/everyPage.test.ts';
const ahead = (file) => (file === LONGEST ? Number.POSITIVE_INFINITY : statSync(file).size);

/**
 * Browser files two at a time, the longest first. A machine that is busy can swallow a press, so a file that fails is run once
 * more when nothing else runs, and is named at the end: a second try that is needed often is a fault to mend.
 */
async function browserTests() {
  const files = [...tests('engines'), ...tests('browser').sort((a, b) => ahead(b) - ahead(a))];
  const failed = await inLanes(
    2,
    files.map((file) => node(file, '--test', file)),
  );
  await allPass(1, failed);
  if (failed.length > 0) console.log(`\nPassed at the second try only: ${failed.map(({ name }) => name).join(', ')}`);
}

export const commands = {
  demo: {
    says: 'install, build and serve with the demo household',
    run: async () => {
      await ensureInstalled();
      await ensureBuilt();
      return serve('demo');
    },
  },
  start: {
    says: 'the same, with an empty notebook; --house: for the tablets and phones of the house too',
    run: async (flags) => {
      await ensureInstalled();
      await ensureBuilt();
      return serve('ask', { house: flags.includes('--house') });
    },
  },
  build: {
    says: 'build into dist; --static: into site, for any web host, without the server and its probes',
    run: async (flags) => {
      await ensureInstalled();
      await ensureBuilt();
      if (!flags.includes('--static')) return 0;
      rmSync('site', { recursive: true, force: true });
      // Every page is a file already; only the probes' door needs the server.
      cpSync('dist/client', 'site', { recursive: true });
      console.log(
        'The site is in ./site: put its files at the root of a web host. docs/security.md names the headers to add.',
      );
    },
  },
  file: {
    says: 'check FILE: what a saved notebook holds, and whether it would load',
    run: async (rest) => {
      await ensureInstalled();
      // What is wrong is said there; here it is only passed on.
      return run(process.execPath, ['--import', 'tsx', 'scripts/fileCheck.ts', ...rest]).catch(() => 1);
    },
  },
  listen: {
    says: 'FILE: the cracks that Gander hears in a sound file (WAV, FLAC, Opus), as lines of JSON',
    run: async (rest) => {
      await ensureInstalled();
      return run(process.execPath, ['--import', 'tsx', 'scripts/listen.ts', ...rest]).catch(() => 1);
    },
  },
  look: {
    says: 'FILE: the shade, evenness and scorch that Gander sees in a photo of beans beside white paper, as JSON',
    run: async (rest) => {
      await ensureInstalled();
      return run(process.execPath, ['--import', 'tsx', 'scripts/look.ts', ...rest]).catch(() => 1);
    },
  },
  'train-ear': {
    says: 'make sounds, learn from them what cracks are, and write the ear anew (some 25 minutes)',
    run: async (rest) => {
      await ensureInstalled();
      return run(process.execPath, ['--import', 'tsx', 'ear/train.ts', ...rest]);
    },
  },
  dev: {
    says: 'serve while the code is being changed',
    run: async () => {
      await ensureInstalled();
      return run(bin('astro'), ['dev', '--port', process.env.PORT ?? '4321']);
    },
  },
  check: {
    says: 'types, lint, imports and unit tests: the fast part',
    run: async () => {
      await ensureInstalled();
      await run(bin('astro'), ['sync']);
      await allPass(2, checks());
    },
  },
  test: {
    says: 'every check and every test, in the browser too',
    run: async () => {
      // From the network, beside all that needs no browser.
      const engines = ensureEngines();
      engines.catch(() => undefined);
      await ensureInstalled();
      await run(bin('astro'), ['sync']);
      await allPass(2, [build, ...checks()]);
      await engines;
      await browserTests();
    },
  },
  bench: {
    says: 'measure speed, size and judgement, or only the named parts of it',
    run: async (parts) => {
      await ensureInstalled();
      await ensureBuilt();
      await ensureChromium();
      await run(process.execPath, ['--import', 'tsx', 'bench/run.ts', ...parts]);
    },
  },
  shots: {
    says: 'take the pictures of docs/screenshots anew',
    run: async (names) => {
      await ensureInstalled();
      await ensureBuilt();
      await ensureChromium();
      await run(process.execPath, ['--import', 'tsx', 'scripts/shots.ts', ...names]);
    },
  },
};
