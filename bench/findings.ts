import { judgeFaults, judgeSound } from '../tests/core/diagnose/score.ts';
import { printFigures } from './report.ts';

/** Not used while the rules were written. */
const FINDING_SEED = 20_261_400;

/** Prints how often what stands out is what was simulated, and each record that is read wrong. */
export function printFindings(): void {
  const faults = judgeFaults(FINDING_SEED);
  const sound = judgeSound(FINDING_SEED);
  const percent = ({ right, of }: typeof faults) => (100 * right) / of;
  printFigures(`Findings, ${faults.of} simulated records with a known fault and ${sound.of} sound ones`, [
    { what: 'the right finding comes first', value: percent(faults), least: 90, unit: '%' },
    { what: 'nothing is found in a sound roast', value: percent(sound), least: 95, unit: '%' },
  ]);
  for (const wrong of [...faults.wrong, ...sound.wrong]) console.log(`  not so: ${wrong}`);
}
