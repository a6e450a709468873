import { spawn } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import ts from 'typescript';
import { type Random, seededRandom } from '../src/core/chance/index.ts';

const SEED = Number(process.env.GANDER_SEED ?? 20_261_127);
const MUTANTS = Number(process.env.GANDER_MUTANTS ?? 200);
/** Only these topics, by name; all where none is named. */
const TOPICS = process.env.GANDER_TOPICS?.split(',');
const WANTED = { all: 85, topic: 70 };
/** A mutant that runs for so many times what the unspoilt took has met a loop without end: it counts as killed. */
const LIMIT_TIMES = 6;

/** Beside its topic's own: the tables of the handbook, and topics of one file. */
const TABLES = ['tables', 'household', 'chance'].map((name) => `tests/core/${name}.test.ts`);

interface Mutant {
  readonly file: string;
  readonly topic: string;
  readonly line: number;
  readonly from: number;
  readonly to: number;
  readonly was: string;
  readonly becomes: string;
}

/** Operators and what stands in their place; `<` for `<=` is no fault that a test must find, so it becomes the opposite. */
const OPERATORS: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.PlusToken]: '-',
  [ts.SyntaxKind.MinusToken]: '+',
  [ts.SyntaxKind.AsteriskToken]: '/',
  [ts.SyntaxKind.SlashToken]: '*',
  [ts.SyntaxKind.LessThanToken]: '>=',
  [ts.SyntaxKind.LessThanEqualsToken]: '>',
  [ts.SyntaxKind.GreaterThanToken]: '<=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '<',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
};

/** Everything in a file that can be spoilt in one place. */
function mutantsOf(file: string): Mutant[] {
  const text = readFileSync(file, 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Mutant[] = [];
  const topic = file.split('/')[2] ?? '';
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
    const becomes = spoilt(node, source);
    if (becomes !== undefined) {
      const at = ts.isBinaryExpression(node) ? node.operatorToken : node;
      const from = at.getStart(source);
      const line = source.getLineAndCharacterOfPosition(from).line + 1;
      found.push({ file, topic, line, from, to: at.end, was: text.slice(from, at.end), becomes });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** What stands in the place of a part of the code (of an operator, where it has one); undefined for what is left alone. */
function spoilt(node: ts.Node, source: ts.SourceFile): string | undefined {
  if (ts.isBinaryExpression(node)) return OPERATORS[node.operatorToken.kind];
  if (ts.isNumericLiteral(node)) return isFormOnly(node) ? undefined : tenthMore(Number(node.text.replaceAll('_', '')));
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
    return node.operand.getText(source);
  if (ts.isConditionalExpression(node)) {
    const [condition, yes, no] = [node.condition, node.whenTrue, node.whenFalse].map((each) => each.getText(source));
    return `${condition} ? ${no} : ${yes}`;
  }
  if (node.kind === ts.SyntaxKind.TrueKeyword) return 'false';
  return node.kind === ts.SyntaxKind.FalseKeyword ? 'true' : undefined;
}

/** A tenth more; 0 and 1 are counts and places mostly, and left alone. */
function tenthMore(value: number): string | undefined {
  if (value === 0 || value === 1) return undefined;
  return String(Number.isInteger(value) && value >= 10 ? Math.round(value * 1.1) : value * 1.1);
}

/** Limits of a schema and digits after a point are a matter of taste: a tenth more breaks no promise. */
function isFormOnly(node: ts.NumericLiteral): boolean {
  const call = node.parent;
  return ts.isCallExpression(call) && /\.(max|min|toFixed|slice|length)$/.test(call.expression.getText());
}

function drawn<T>(all: readonly T[], count: number, random: Random): T[] {
  const left = [...all];
  return Array.from(
    { length: Math.min(count, left.length) },
    () => left.splice(Math.floor(random() * left.length), 1)[0] as T,
  );
}

/** Spoils the core in one place after another, in a copy, and runs the tests of its topic: what no test sees is listed. */
export async function printMutation(): Promise<void> {
  const random = seededRandom(SEED);
  const files = filesIn('src/core', '.ts').filter((file) => !file.endsWith('index.ts'));
  const all = files.flatMap(mutantsOf).filter(({ topic }) => !TOPICS || TOPICS.includes(topic));
  const topics = [...new Set(all.map(({ topic }) => topic))].sort();
  const mutants = topics.flatMap((topic) => {
    const own = all.filter((each) => each.topic === topic);
    return drawn(own, Math.max(4, Math.round((MUTANTS * own.length) / all.length)), random);
  });
  const queue = [...mutants];
  const unspoilt = [...topics];
  const limits = new Map<string, number>();
  const survived: Mutant[] = [];
  const work = async () => {
    const copy = copyOfTheHouse();
    for (let topic = unspoilt.shift(); topic; topic = unspoilt.shift()) {
      const start = Date.now();
      if (!(await passes(copy, topic))) throw new Error(`The tests of ${topic} fail before anything is spoilt.`);
      limits.set(topic, LIMIT_TIMES * (Date.now() - start));
    }
    for (let mutant = queue.shift(); mutant; mutant = queue.shift())
      if (!(await isKilled(copy, mutant, limits.get(mutant.topic)))) survived.push(told(mutant));
    rmSync(copy, { recursive: true, force: true });
  };
  await Promise.all(Array.from({ length: availableParallelism() }, work));
  const rate = (some: readonly Mutant[]) =>
    100 * (1 - some.filter((each) => survived.includes(each)).length / some.length);
  console.log(
    `\n${mutants.length} mutants of ${all.length} (seed ${SEED}), by the tests of their own topic and of few others`,
  );
  for (const topic of topics) {
    const own = mutants.filter((each) => each.topic === topic);
    console.log(
      `  ${topic.padEnd(12)} ${String(own.length).padStart(3)} ${rate(own).toFixed(0).padStart(4)} % killed${rate(own) < WANTED.topic ? '  MISSED' : ''}`,
    );
  }
  console.log(
    `  ${'all'.padEnd(12)} ${String(mutants.length).padStart(3)} ${rate(mutants).toFixed(0).padStart(4)} % killed, of ${WANTED.all} wanted${rate(mutants) < WANTED.all ? '  MISSED' : ''}`,
  );
}

/** A survivor, as soon as it is one: the whole takes the better part of an hour. */
function told(survivor: Mutant): Mutant {
  const { file, line, was, becomes } = survivor;
  console.log(`  survived: ${file}:${line}  ${oneLine(was)}  ->  ${oneLine(becomes)}`);
  return survivor;
}

const filesIn = (folder: string, ending: string): string[] =>
  existsSync(folder)
    ? readdirSync(folder, { recursive: true })
        .map((name) => join(folder, String(name)))
        .filter((path) => path.endsWith(ending))
        .sort()
    : [];

const oneLine = (text: string) => text.replace(/\s+/g, ' ').slice(0, 60);

/** The tests of a topic: its own, the tables', and those of others that speak of it, unless nearly all do. */
function testsOf(topic: string): string[] {
  const speaking = filesIn('tests/core', '.test.ts').filter((file) =>
    readFileSync(file, 'utf8').includes(`'@/core/${topic}'`),
  );
  const own = filesIn(`tests/core/${topic}`, '.test.ts');
  return [...new Set([...own, ...TABLES, ...(speaking.length <= MOST_SPEAKING ? speaking : [])])];
}
const MOST_SPEAKING = 10;

const NOT_COPIED = ['.git', 'node_modules', 'dist'];

/** The files stay as they are, and may change meanwhile: a mutant lives in a copy. */
function copyOfTheHouse(): string {
  const copy = mkdtempSync(join(tmpdir(), 'gander-mutants-'));
  for (const each of readdirSync('.').filter((name) => !NOT_COPIED.includes(name)))
    cpSync(each, join(copy, each), { recursive: true });
  symlinkSync(resolve('node_modules'), join(copy, 'node_modules'));
  return copy;
}

async function isKilled(copy: string, mutant: Mutant, limitMs: number | undefined): Promise<boolean> {
  const { file, topic, from, to, becomes } = mutant;
  const text = readFileSync(join(copy, file), 'utf8');
  writeFileSync(join(copy, file), text.slice(0, from) + becomes + text.slice(to));
  const passed = await passes(copy, topic, limitMs);
  writeFileSync(join(copy, file), text);
  return !passed;
}

/** Whether the tests of a topic pass in a copy; the first that fails ends them. */
function passes(copy: string, topic: string, limitMs?: number): Promise<boolean> {
  return new Promise((settle) => {
    const run = spawn(process.execPath, ['--import', 'tsx', '--test', '--test-reporter=tap', ...testsOf(topic)], {
      cwd: copy,
      stdio: ['ignore', 'pipe', 'ignore'],
      detached: true,
    });
    // Its group: the runner leaves the process of a file alone when it is killed itself.
    const end = () => run.exitCode === null && run.pid && process.kill(-run.pid, 'SIGKILL');
    const timer = limitMs === undefined ? undefined : setTimeout(end, limitMs);
    run.stdout.on('data', (said: Buffer) => {
      if (/^\s*not ok /m.test(String(said))) end();
    });
    run.on('exit', (code) => {
      clearTimeout(timer);
      settle(code === 0);
    });
  });
}
