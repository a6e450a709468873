import { type Control, settingWords } from '@/core/gear';
import type { Ribbon } from '@/core/roast';
import { toneAt } from '@/core/roast';
import { fieldColour } from '@/core/shade';
import type { TimeScale } from './timeScale';

interface LowerProps {
  readonly ribbon: Ribbon;
  readonly x: TimeScale;
  readonly width: number;
  readonly bodyTop: number;
  readonly bodyHeight: number;
  readonly movesTop: number;
  readonly words: boolean;
  readonly controls: readonly Control[];
}

/** Words nearer to each other than this would run together, pixels. */
const WORD_GAP = 74;
const PIXELS_PER_LETTER = 7.5;

/** Notches by the way a move went; what was set for the first time, or only done, went no way that is known. */
const NOTCH = { up: 'M-5 10 L5 10 L0 2 Z', down: 'M-5 2 L5 2 L0 10 Z', none: 'M0 1 L4.5 6 L0 11 L-4.5 6 Z' } as const;

/** The lower edge: moves hang as notches that point the way they went; where there is room, their words and the smells. */
export function Lower({ ribbon, x, width, bodyTop, bodyHeight, movesTop, words, controls }: LowerProps) {
  const spaced = (said: readonly Said[]) => (words ? withRoom(said, x, width) : []);
  const smells = spaced(ribbon.smells.map(({ at, smell }) => ({ at, text: smell })));
  const named = spaced(
    ribbon.moves.map(({ at, control, value }) => ({ at, text: settingWords(controls, control, value) })),
  );
  return (
    <g>
      {smells.map(({ at, text, centre }) => (
        <text
          key={at}
          x={centre}
          y={bodyTop + bodyHeight - 12}
          textAnchor="middle"
          fontStyle="italic"
          fontSize={15}
          fill={fieldColour(toneAt(ribbon.body, at)).text}
        >
          {text}
        </text>
      ))}
      <g className="text-slate" fill="currentColor">
        {ribbon.moves.map(({ at, direction }, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two moves may share a moment
          <path key={i} transform={`translate(${x(at)} ${movesTop})`} d={NOTCH[direction]} />
        ))}
        {named.map(({ at, text, centre }) => (
          <text key={at} x={centre} y={movesTop + 25} textAnchor="middle" fontSize={14}>
            {text}
          </text>
        ))}
      </g>
    </g>
  );
}

interface Said {
  readonly at: number;
  readonly text: string;
}

/** Words that do not run together, each in the middle of its moment, or as near to that as the edges let it. */
function withRoom(said: readonly Said[], x: TimeScale, width: number): (Said & { readonly centre: number })[] {
  let last = Number.NEGATIVE_INFINITY;
  return said.flatMap((each) => {
    const half = (each.text.length * PIXELS_PER_LETTER) / 2;
    const centre = Math.max(half, Math.min(width - half, x(each.at)));
    if (centre - last < WORD_GAP) return [];
    last = centre;
    return [{ ...each, centre }];
  });
}
