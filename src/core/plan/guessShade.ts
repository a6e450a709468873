import type { Milestones } from '../roast/index.ts';
import { type ShadeNumber, shadeNumbers, shadeOf } from '../shade/index.ts';
import { type LossRecord, usualLoss } from './lossEstimate.ts';

/** What is known of a batch that nobody looked at yet. */
export interface ShadeSigns {
  readonly gearId: string;
  readonly lotId: string;
  readonly moisturePercent?: number | undefined;
  /** The shade that was meant: people come near it. */
  readonly meant: ShadeNumber;
  readonly lossPercent?: number | undefined;
  readonly reached: Milestones;
  /** What medium takes after first crack on this gear, seconds. */
  readonly mediumAfterS: number;
}

/** A guess of the shade, how sure it is (0 to 1), and what it goes by. */
export interface ShadeGuess {
  readonly shade: ShadeNumber;
  readonly share: number;
  readonly by: readonly ('loss' | 'cracks' | 'time')[];
}

/** Less sure than this it is no help. */
const TOLD_FROM = 0.4;
/** So many shades off the one that was meant people come, a standard deviation; ours. */
const MEANT_SD = 1.2;
/** The time after first crack tells the share of medium's to a quarter or so; ours. */
const TIME_SD = 0.25;
/** Seconds of second crack tell how dark, to so many; ours. */
const SECOND_SD_S = 12;
/** Second crack that was not marked was not there or not noted, by how dark a shade is: logs of how likely. Ours. */
const UNMARKED: Partial<Record<ShadeNumber, number>> = { 5: -0.3, 6: -2, 7: -3 };
/** A lighter shade than medium-dark in second crack: hardly. */
const TOO_LIGHT = -4;

/**
 * The likeliest shade by loss, cracks and time after first crack, each as a normal around what table 5 and the gear's own
 * roasts have for a shade; undefined where they say too little. It is a guess: no single sign tells (handbook, section 5).
 */
export function guessShade(signs: ShadeSigns, losses: readonly LossRecord[]): ShadeGuess | undefined {
  const { meant, lossPercent, reached, mediumAfterS } = signs;
  const { firstCrack, secondCrack, pull } = reached;
  const afterS = firstCrack === undefined || pull === undefined ? undefined : Math.max(1, pull - firstCrack);
  const by: ShadeGuess['by'] = [
    ...(lossPercent === undefined ? [] : ['loss' as const]),
    ...(secondCrack === undefined ? [] : ['cracks' as const]),
    ...(afterS === undefined ? [] : ['time' as const]),
  ];
  if (by.length === 0) return undefined;
  const logs = shadeNumbers.map((shade) => {
    let log = square((shade - meant) / MEANT_SD);
    if (lossPercent !== undefined) {
      const { meanPercent, sdPercent } = usualLoss({ ...signs, shade }, losses);
      log += square((lossPercent - meanPercent) / sdPercent) - Math.log(sdPercent);
    }
    if (afterS !== undefined)
      log += square(Math.log(afterS / (mediumAfterS * shadeOf(shade).afterCrackShare)) / TIME_SD);
    if (secondCrack === undefined) log += UNMARKED[shade] ?? 0;
    else
      log +=
        shade < 5
          ? TOO_LIGHT
          : square(((pull ?? secondCrack) - secondCrack - shadeOf(shade).secondCrackS) / SECOND_SD_S);
    return log;
  });
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const share = 1 / weights.reduce((a, b) => a + b, 0);
  const shade = shadeNumbers[logs.indexOf(most)] as ShadeNumber;
  return share < TOLD_FROM ? undefined : { shade, share, by };
}

const square = (off: number) => -0.5 * off ** 2;
