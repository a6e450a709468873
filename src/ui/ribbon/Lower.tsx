import { type Control, settingWords } from '@/core/gear';
import type { Ribbon } from '@/core/roast';
import { toneAt } from '@/core/roast';
import { fieldColour } from '@/core/shade';
import type { TimeScale } from './timeScale';

interface LowerProps {
  readonly ribbon: Ribbon;
  readonly x: TimeScale;
  readonly bodyTop: number;
  readonly bodyHeight: number;
  readonly movesTop: number;
  readonly words: boolean;
  readonly controls: readonly Control[];
}

/** Words nearer to each other than this would run together, pixels. */
const WORD_GAP = 74;

/** The lower edge: moves hang as notches that point the way they went; where there is room, their words and the smells. */
export function Lower({ ribbon, x, bodyTop, bodyHeight, movesTop, words, controls }: LowerProps) {
  const smells = words ? spaced(ribbon.smells, x) : [];
  const named = new Set(words ? spaced(ribbon.moves, x) : []);
  return (
    <g>
      {smells.map((smell) => (
        <text
          key={smell.at}
          x={x(smell.at)}
          y={bodyTop + bodyHeight - 12}
          textAnchor="middle"
          fontStyle="italic"
          fontSize={15}
          fill={fieldColour(toneAt(ribbon.body, smell.at)).text}
        >
          {smell.smell}
        </text>
      ))}
      {ribbon.moves.map((move, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two moves may share a moment
        <g key={i} transform={`translate(${x(move.at)} ${movesTop})`} className="text-slate" fill="currentColor">
          <path d={move.direction === 'up' ? 'M-5 10 L5 10 L0 2 Z' : 'M-5 2 L5 2 L0 10 Z'} />
          {named.has(move) && (
            <text y={25} textAnchor="middle" fontSize={14}>
              {settingWords(controls, move.control, move.value)}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}

function spaced<T extends { readonly at: number }>(items: readonly T[], x: TimeScale): T[] {
  let last = Number.NEGATIVE_INFINITY;
  return items.filter((item) => {
    const here = x(item.at);
    if (here - last < WORD_GAP) return false;
    last = here;
    return true;
  });
}
