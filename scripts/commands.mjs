import { cpSync, rmSync, statSync } from 'node:fs';
import { globSync } from './files.mjs';
import { ensureBuilt, ensureChromium, ensureEngines, ensureInstalled } from './prepare.mjs';
import { bin, heard, run } from './run.mjs';
import { serve } from './serve.mjs';

const nodeTest = (files) => run(process.execPath, ['--import', 'tsx', '--test', ...files]);

/**
 * Browser files two at a time, the longest first. A machine that is busy can swallow a press, so a file that fails is run once
 * more when nothing else runs, and is named at the end: a second try that is needed often is a fault to mend.
 */
async function browserTests(files) {
  const queue = [...files].sort((a, b) => statSync(b).size - statSync(a).size);
  const failed = [];
  const lane = async () => {
    for (let file = queue.shift(); file; file = queue.shift()) if (!(await passes(file))) failed.push(file);
  };
  await Promise.all([lane(), lane()]);
  for (const file of failed) {
    console.log(`\n${file} failed. Once more.\n`);
    await nodeTest([file]);
  }
  if (failed.length > 0) console.log(`\nPassed at the second try only: ${failed.join(', ')}`);
}

/** Runs a file of tests and shows what it said when it is through; gives whether it passed. */
async function passes(file) {
  const { code, said } = await heard(process.execPath, ['--import', 'tsx', '--test', file]);
  console.log(said);
  return code === 0;
}

const tests = (...folders) => folders.flatMap((folder) => globSync(`tests/${folder}`, '.test.ts', '.test.tsx'));

/** Types, lint and the one-way imports: no test is run. */
async function staticChecks() {
  await run(bin('astro'), ['sync']);
  await run(bin('tsc'), ['--project', 'tsconfig.core.json']);
  await run(bin('astro'), ['check', '--minimumFailingSeverity', 'warning']);
  await run(bin('biome'), ['check', '--error-on-warnings', '.']);
  await run(bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']);
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
      await staticChecks();
      await nodeTest(tests('core', 'store', 'server', 'views', 'workers'));
    },
  },
  test: {
    says: 'every check and every test, in the browser too',
    run: async () => {
      await ensureInstalled();
      await staticChecks();
      await ensureBuilt();
      await ensureEngines();
      await nodeTest(tests('core', 'store', 'server', 'views', 'workers'));
      await browserTests(tests('browser'));
      // Three engines are enough for any machine at once.
      await nodeTest(tests('engines')).catch(() => nodeTest(tests('engines')));
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
