import { capital } from '../units/index.ts';
import { processNames } from './beanKinds.ts';
import { densityOf } from './density.ts';
import type { Lot } from './lot.ts';
import { traitsOf } from './processTraits.ts';

/** What a lot implies for roasting it: what to do, and why, a sentence each. */
export interface LotHint {
  readonly advice: string;
  readonly reason: string;
}

/** Green this far off 11 % is worth a word, points. */
const ODD_MOISTURE = 1.5;

/** The hints for a lot, the ones that matter most first; none for one with nothing special. Source: handbook, sections 4 and 6. */
export function lotHints(
  lot: Pick<Lot, 'process' | 'gramsPerMl' | 'densityClass' | 'grading' | 'moisturePercent'>,
): LotHint[] {
  const hints: LotHint[] = [];
  const { gentle, oilLate } = traitsOf(lot.process);
  if (gentle)
    hints.push({
      advice: 'Start gently, and trust colour, smell and the forecast.',
      reason: `${gentle.plural} colour early, crack quietly and scorch easily.`,
    });
  if (oilLate)
    hints.push({
      advice: 'Go by the cracks, not by oil or evenness.',
      reason: `${capital(processNames[lot.process])} beans colour unevenly and show oil late.`,
    });
  if (lot.grading === 'mixed')
    hints.push({
      advice: 'Pull lighter than you would otherwise.',
      reason: 'In an ungraded lot the small beans run ahead.',
    });
  if (lot.grading === 'peaberry')
    hints.push({ advice: 'Expect it a little sooner.', reason: 'Peaberries are small and roll freely.' });
  if (densityOf(lot) === 'dense')
    hints.push(
      // How the two go together is ours: the handbook has each alone.
      gentle
        ? {
            advice: 'Once all of it moves well, raise the heat before yellow.',
            reason: 'Dense beans stand more of it early; spots on some say that it was too much for these.',
          }
        : {
            advice: 'Give it heat early, as long as the beans move.',
            reason: 'Dense beans stand more heat at the start.',
          },
    );
  if (densityOf(lot) === 'light')
    hints.push({ advice: 'Hold the heat back from yellow on.', reason: 'Beans of low density go faster.' });
  const off = lot.moisturePercent === undefined ? 0 : lot.moisturePercent - 11;
  if (off >= ODD_MOISTURE)
    hints.push({
      advice: 'Expect a longer drying and a higher loss.',
      reason: `At ${lot.moisturePercent} % it is wetter than usual.`,
    });
  if (off <= -ODD_MOISTURE)
    hints.push({
      advice: 'Expect it sooner, with less loss.',
      reason: `At ${lot.moisturePercent} % it is drier than usual, as old green is.`,
    });
  return hints;
}
