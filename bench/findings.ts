import { caseOf, diagnose } from '../src/core/diagnose/index.ts';
import { recordOf } from '../tests/core/diagnose/records.ts';
import { judgeFaults, judgeModerate, judgeSound, type Score } from '../tests/core/diagnose/score.ts';
import { sound } from '../tests/core/diagnose/stories.ts';
import { printFigures } from './report.ts';

/** Not used while the rules were written. */
const FINDING_SEEDS = [20_261_400, 20_261_500, 20_261_600, 20_261_700] as const;

/** Prints how often what stands out is what was simulated, and each record that is read wrong. */
export function printFindings(): void {
  const faults = all(judgeFaults);
  const moderate = all(judgeModerate);
  const inOrder = all(judgeSound);
  const loud = all(soundAbovePerhaps);
  const percent = ({ right, of }: Score) => (100 * right) / of;
  const what = (name: string, { right, of }: Score) => {
    const [least, most] = between(right, of);
    return `${name}: ${right} of ${of}, 90 % interval ${(100 * least).toFixed(0)} to ${(100 * most).toFixed(0)} %`;
  };
  printFigures(`Findings on simulated records, seeds ${FINDING_SEEDS.join(', ')}`, [
    { what: what('large faults, the right one first', faults), value: percent(faults), least: 95, unit: '%' },
    { what: what('faults half as large', moderate), value: percent(moderate), least: 85, unit: '%' },
    { what: what('nothing in a sound roast', inOrder), value: percent(inOrder), least: 95, unit: '%' },
    { what: what('nothing above "perhaps" in one', loud), value: percent(loud), least: 96.7, unit: '%' },
  ]);
  const wrong = [faults, moderate, inOrder].flatMap((score) => score.wrong);
  for (const each of new Set(wrong))
    console.log(`  not so, ${wrong.filter((other) => other === each).length} times: ${each}`);
}

function all(judge: (seed: number) => Score): Score {
  const scores = FINDING_SEEDS.map(judge);
  const sum = (of: (score: Score) => number) => scores.reduce((a, score) => a + of(score), 0);
  return {
    right: sum(({ right }) => right),
    of: sum((score) => score.of),
    wrong: scores.flatMap(({ wrong }) => wrong),
  };
}

function soundAbovePerhaps(seed: number): Score {
  const loud = sound.filter((story, i) =>
    diagnose(caseOf(recordOf(story, seed + 500 + i))).findings.some(({ strength }) => strength !== 'perhaps'),
  );
  return { right: sound.length - loud.length, of: sound.length, wrong: [] };
}

/** The 90 % interval of a share. Source: Wilson, J. Am. Stat. Assoc. 22 (1927), 209. */
function between(right: number, of: number): readonly [number, number] {
  const z = 1.645;
  const share = right / of;
  const middle = (share + z ** 2 / (2 * of)) / (1 + z ** 2 / of);
  const half = (z * Math.sqrt((share * (1 - share)) / of + (z / (2 * of)) ** 2)) / (1 + z ** 2 / of);
  return [middle - half, middle + half];
}
