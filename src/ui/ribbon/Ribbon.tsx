import { useId } from 'react';
import type { Control } from '@/core/gear';
import { describeRibbon, type Ribbon as RibbonModel } from '@/core/roast';
import { Body } from './Body';
import { Cracks } from './Cracks';
import { Lower } from './Lower';
import { timeScale } from './timeScale';

export interface RibbonProps {
  readonly ribbon: RibbonModel;
  /** Width of the drawing in pixels; nothing is drawn at 0. */
  readonly width: number;
  /** Height of the body in pixels, from 24 in a row to the roast screen's 84. */
  readonly bodyHeight: number;
  /** The time at the left and at the right edge, seconds from charge. */
  readonly fromS: number;
  readonly toS: number;
  /** Moves and smells with their words; for wide ribbons. */
  readonly words?: boolean;
  /** An earlier roast, drawn pale under the lower edge. */
  readonly guide?: RibbonModel | undefined;
  /** The gear's, for the words of the moves. */
  readonly controls?: readonly Control[];
}

/** Room above the body for the cracks and below it for the moves, pixels. */
export const CRACK_ROOM = 14;
const MOVE_ROOM = 12;
const WORD_ROOM = 28;
const GUIDE_HEIGHT = 8;
/** A guide takes so much besides the body, pixels. */
export const GUIDE_ROOM = GUIDE_HEIGHT + 4;

/** One roast as one horizontal ribbon, the same everywhere. Its text equivalent is its label. */
export function Ribbon(props: RibbonProps) {
  const { ribbon, width, bodyHeight, fromS, toS, words = false, guide, controls = [] } = props;
  const id = useId();
  if (width <= 0) return null;
  const x = timeScale(fromS, toS, width);
  const top = CRACK_ROOM;
  const guideRoom = guide ? GUIDE_ROOM : 0;
  const bottom = top + bodyHeight + guideRoom;
  const height = bottom + (words ? WORD_ROOM : MOVE_ROOM);
  return (
    <svg
      role="img"
      aria-label={describeRibbon(ribbon)}
      width={width}
      height={height}
      className="block overflow-visible"
    >
      <Body id={id} ribbon={ribbon} x={x} top={top} height={bodyHeight} />
      {guide && <Body id={`${id}-guide`} ribbon={guide} x={x} top={top + bodyHeight + 4} height={GUIDE_HEIGHT} pale />}
      <Cracks id={id} ribbon={ribbon} x={x} bodyTop={top} large={bodyHeight > 40} />
      <Lower
        ribbon={ribbon}
        x={x}
        width={width}
        bodyTop={top}
        bodyHeight={bodyHeight}
        movesTop={bottom}
        words={words}
        controls={controls}
      />
    </svg>
  );
}
