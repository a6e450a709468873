import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { describe, it } from 'node:test';
import ts from 'typescript';

/** What is written into a file: `put` before the text `before`. */
interface Edit {
  readonly file: string;
  readonly before: string;
  readonly put: string;
}

const config = ts.getParsedCommandLineOfConfigFile('tsconfig.core.json', {}, {
  ...ts.sys,
  onUnRecoverableConfigFileDiagnostic: () => {},
} as ts.ParseConfigFileHost);
assert.ok(config);
let last: ts.Program | undefined;

/** The core with some edits made. */
function edited(edits: readonly Edit[], added: Readonly<Record<string, string>> = {}): ts.Program {
  const options = { ...config?.options, noEmit: true, incremental: false, skipLibCheck: true };
  const host = ts.createCompilerHost(options);
  const texts = new Map<string, string>(Object.entries(added).map(([file, text]) => [resolve(file), text]));
  for (const { file, before, put } of edits) {
    const path = resolve(file);
    const text = texts.get(path) ?? readFileSync(path, 'utf8');
    assert.ok(text.includes(before), `${file} has no ${before}`);
    texts.set(path, text.replace(before, `${put}${before}`));
  }
  const { getSourceFile, fileExists } = host;
  host.getSourceFile = (name, ...rest) => {
    const text = texts.get(resolve(name));
    if (text !== undefined) return ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true);
    return last?.getSourceFile(name) ?? getSourceFile(name, ...rest);
  };
  host.fileExists = (name) => texts.has(resolve(name)) || fileExists(name);
  const program = ts.createProgram(
    [...(config?.fileNames ?? []), ...Object.keys(added).map((each) => resolve(each))],
    options,
    host,
    last,
  );
  last ??= program;
  return program;
}

/** What the compiler finds in it. */
const faults = (...core: Parameters<typeof edited>): readonly string[] =>
  ts
    .getPreEmitDiagnostics(edited(...core))
    .map(({ file, messageText }) => `${file?.fileName}: ${ts.flattenDiagnosticMessageText(messageText, ' ')}`);

/** Whether it finds anything, looked for from the files on that were written in: one fault is enough, and most lie there. */
function isRefused(whole: readonly Edit[], ...core: Parameters<typeof edited>): boolean {
  const program = edited(...core);
  const written = new Set([
    ...whole.map(({ file }) => resolve(file)),
    ...Object.keys(core[1] ?? {}).map((file) => resolve(file)),
  ]);
  const files = [...program.getSourceFiles()].sort(
    (a, b) => Number(written.has(resolve(b.fileName))) - Number(written.has(resolve(a.fileName))),
  );
  return files.some((file) => program.getSemanticDiagnostics(file).length > 0);
}

/** Each recipe of the README: whole it compiles, and with any of its places left out it does not. */
const recipes: Readonly<
  Record<string, { readonly edits: readonly Edit[]; readonly added?: Readonly<Record<string, string>> }>
> = {
  'a method: its id, its row, and how it heats in the simulation': {
    edits: [
      { file: 'src/core/gear/gearKinds.ts', before: "  'smallDrum',", put: "  'sandBath',\n" },
      {
        file: 'src/core/gear/methods.ts',
        before: '  other: {',
        put: `  sandBath: {
    id: 'sandBath', name: 'Hot sand, stirred', batchGrams: { usual: 100, least: 50, most: 150 },
    yellow: usual(200, 150, 300), firstCrack: usual(400, 300, 600), pull: usual(500, 380, 700),
    coolDownMin: { least: 5, most: 10 }, controls: [c.flameSteps, c.stir],
    senses: { colour: 'plain', smell: true, quietSounds: true }, mess: { smoke: 'much', chaff: 'staysIn' }, heatedBy: 'contact',
    heatFrom: 'flame', open: true, remedy: { faster: 'Less flame', slower: 'More flame' },
  },
`,
      },
      {
        file: 'src/core/simulate/gearModel.ts',
        before: '  other: {',
        put: '  sandBath: { metalW: 400, gearJPerK: 700, lossWPerK: 1.2, contactWPerK: 1.7, gasRiseK: 60, gasWPerK: 0.4, movement: 0.8, startRiseK: 150, spread: 0.1 },\n',
      },
    ],
  },
  'a shade: its number and its row': {
    edits: [
      { file: 'src/core/shade/shades.ts', before: '] as const;', put: ', 8' },
      {
        file: 'src/core/shade/shades.ts',
        before: '} as const satisfies Record<ShadeNumber, Shade>',
        put: "  8: { number: 8, name: 'black', traditional: 'black', landmark: 'smoke', lossPercent: { mean: 23, sd: 2 }, lightness: 14, afterCrackShare: 2.2, secondCrackS: 80, brownedC: 246 },\n",
      },
    ],
  },
  'a finding: its name, its rule in a file, and its place among the rules': {
    edits: [
      { file: 'src/core/diagnose/findingNames.ts', before: '} as const;', put: "  wetBeans: 'wet beans',\n" },
      {
        file: 'src/core/diagnose/rules/index.ts',
        before: 'import { wentTooFar }',
        put: "import { wetBeans } from './wetBeans.ts';\n",
      },
      { file: 'src/core/diagnose/rules/index.ts', before: '} as const satisfies', put: '  wetBeans,\n' },
    ],
    added: {
      'src/core/diagnose/rules/wetBeans.ts': `import type { Rule } from '../rule.ts';
export const wetBeans: Rule = { id: 'wetBeans', explains: [], against: [], causes: [], signs: () => [], says: () => 'Wet.', propose: () => ({ change: { kind: 'care', care: 'lighter' }, question: 'Drier beans?' }) };
`,
    },
  },
};

describe('what the README says is all there is to add', () => {
  it('the core compiles as it is', () => assert.deepEqual(faults([]), []));
  for (const [name, { edits, added }] of Object.entries(recipes))
    it(name, () => {
      assert.deepEqual(faults(edits, added), []);
      for (const without of edits)
        assert.ok(
          isRefused(
            edits,
            edits.filter((each) => each !== without),
            added,
          ),
          without.file,
        );
    });
  it('a stored field that may be absent: its schema', () => {
    const edit = { file: 'src/core/bean/lot.ts', before: '  name: z', put: '  farmHeightM: z.number().optional(),\n' };
    assert.deepEqual(faults([edit]), []);
  });
});
