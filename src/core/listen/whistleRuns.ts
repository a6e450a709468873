import { median } from 'd3-array';

/** A clear tone at one moment: its pitch, Hz, and its power in any unit. */
export interface Tone {
  readonly hertz: number;
  readonly power: number;
}

/** One whistle marks, two in a row take back. `at`: when the first began, seconds from the start of the sound. */
export interface Whistled {
  readonly times: 1 | 2;
  readonly at: number;
  readonly hertz: number;
}

/** So long a whistle lasts, seconds; the spectrum smears its ends a little. */
const LASTS_S = { least: 0.22, most: 0.85 };
/** Shorter tones are chance, and pass unseen. */
const CHANCE_S = 0.05;
/** A gap so short within a tone is a flutter of it. */
const FLUTTER_S = 0.1;
/** What is so much weaker than the loudest of it is the room that rings on, as a ratio of power. */
const TAIL = 0.05;
/** After so long without a tone it is over; two of a pair lie closer together. */
const OVER_S = 0.8;
/** Its pitch holds: no more than so far between its ends, as a ratio; within a moment, less. */
const STEADY = 1.22;
const STEADY_STEP = 1.07;
/** It does not die away as what is struck does: its last third is no more than so much weaker than its first, as a ratio of power. */
const FADES = 6;
/** It swells in; what is struck or plucked is loudest as it begins. So much of its power it has at first, at the most. */
const BEGINS = 0.4;
/** A tone so much weaker than the loudest beside it is no part of it, as a ratio of power. */
const BESIDE = 0.1;
/** The two of a pair are of about one pitch. */
const PAIR = 1.35;

interface Run {
  readonly fromS: number;
  toS: number;
  loudest: number;
  readonly tones: Tone[];
}

/** Puts tones together to whistles, and tells them once silence says that no more follows. */
export class WhistleRuns {
  #runs: Run[] = [];

  /** Takes the tone of the next moment, or none. */
  take(at: number, heard: Tone | undefined): Whistled | undefined {
    const last = this.#runs.at(-1);
    const tone = heard && last && heard.power < TAIL * last.loudest ? undefined : heard;
    if (tone) {
      if (last && at - last.toS <= FLUTTER_S && ratio(last.tones.at(-1)?.hertz ?? 0, tone.hertz) <= STEADY_STEP) {
        last.toS = at;
        last.loudest = Math.max(last.loudest, tone.power);
        if (last.tones.length < LONGEST) last.tones.push(tone);
      } else {
        this.#runs.push({ fromS: at, toS: at, tones: [tone], loudest: tone.power });
        if (this.#runs.length > MANY) this.#runs.shift();
      }
      return undefined;
    }
    if (!last || at - last.toS < OVER_S) return undefined;
    const loudest = Math.max(...this.#runs.map((run) => run.loudest));
    const told = toldOf(
      this.#runs.filter(({ fromS, toS, loudest: own }) => toS - fromS >= CHANCE_S && own >= BESIDE * loudest),
    );
    this.#runs = [];
    return told;
  }
}

/** More tones in a row than these are no whistle anyway. */
const LONGEST = 500;
const MANY = 12;

const ratio = (a: number, b: number) => (a <= 0 || b <= 0 ? Number.POSITIVE_INFINITY : Math.max(a / b, b / a));

/** One or two whistles and nothing else: all the rest is music. */
function toldOf(runs: readonly Run[]): Whistled | undefined {
  const [first, second] = runs;
  if (!first || runs.length > 2 || !runs.every(isWhistle)) return undefined;
  const hertz = pitch(first);
  if (second && ratio(hertz, pitch(second)) > PAIR) return undefined;
  return { times: second ? 2 : 1, at: first.fromS, hertz };
}

const pitch = ({ tones }: Run) => median(tones, ({ hertz }) => hertz) as number;

function isWhistle({ fromS, toS, tones, loudest }: Run): boolean {
  const lastsS = toS - fromS;
  if (lastsS < LASTS_S.least || lastsS > LASTS_S.most) return false;
  const pitches = tones.map(({ hertz }) => hertz);
  if (ratio(Math.min(...pitches), Math.max(...pitches)) > STEADY) return false;
  const third = Math.max(1, Math.floor(tones.length / 3));
  const [begins, ends] = [tones.slice(0, third), tones.slice(-third)].map((part) => median(part, ({ power }) => power));
  return (begins as number) <= FADES * (ends as number) && (tones[0]?.power ?? 0) <= BEGINS * loudest;
}
