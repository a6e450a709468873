import { useRef, useState } from 'react';
import { formatShared, type Shared } from '@/core/exchange';
import type { Control } from '@/core/gear';
import { describeRibbon, type Ribbon as RibbonModel } from '@/core/roast';
import { capital } from '@/core/units';
import { Button } from './Button';
import { Dialog } from './Dialog';
import { drawingPicture, drawingText } from './drawing';
import { Ribbon } from './ribbon/Ribbon';
import { saveBlob } from './saveBlob';

interface ShareSheetProps {
  readonly shared: Shared;
  readonly ribbon: RibbonModel;
  /** What the files are called, without an ending. */
  readonly fileName: string;
  readonly controls?: readonly Control[];
  /** What goes along in the file, where anything does. */
  readonly along?: string | undefined;
  /** Saves it as a file that another Gander loads. */
  readonly onSave: () => void;
  readonly onClose: () => void;
}

/** So wide the drawing is made, whatever the window. */
const WIDE = 1100;

/** A roast or recipe for somebody else: as text, as a picture, on paper, or as a file for their own Gander. */
export function ShareSheet({ shared, ribbon, fileName: wanted, controls, along, onSave, onClose }: ShareSheetProps) {
  const fileName = wanted.replace(/[^\p{L}\p{N}-]+/gu, '-');
  const drawn = useRef<HTMLDivElement>(null);
  const [said, setSaid] = useState('');
  const text = formatShared(shared);
  const drawing = () => {
    const svg = drawn.current?.querySelector('svg');
    if (!svg) throw new Error('There is nothing to draw.');
    return drawingText(svg, shared.title, capital(describeRibbon(ribbon)));
  };
  const picture = async () => drawingPicture(drawing());
  const act = (what: () => Promise<string> | string) => async () => {
    try {
      setSaid(await what());
    } catch (error) {
      // Closing the share sheet of the device is no failure.
      if ((error as Error).name !== 'AbortError') setSaid(`That did not work: ${(error as Error).message}`);
    }
  };
  const copy = act(async () => {
    await navigator.clipboard.writeText(text);
    return 'Copied: paste it where you write to them.';
  });
  const share = act(async () => {
    const files = [new File([await picture()], `${fileName}.png`, { type: 'image/png' })];
    await navigator.share(
      navigator.canShare?.({ files }) ? { title: shared.title, text, files } : { title: shared.title, text },
    );
    return '';
  });
  return (
    <Dialog open onClose={onClose} title="For somebody else">
      <p className="mb-4">
        What you give away is this one alone: no prices, no stock, nothing else of your notebook.{along && ` ${along}`}
      </p>
      <div className="flex flex-wrap gap-3">
        {'share' in navigator && (
          <Button variant="next" onClick={() => void share()}>
            Share
          </Button>
        )}
        <Button onClick={() => void copy()}>Copy as text</Button>
        <Button
          onClick={() =>
            void act(() => {
              saveBlob(new Blob([text], { type: 'text/markdown' }), `${fileName}.md`);
              return 'Saved as text.';
            })()
          }
        >
          Save the text
        </Button>
        <Button
          onClick={() =>
            void act(async () => {
              saveBlob(await picture(), `${fileName}.png`);
              return 'Saved as a picture.';
            })()
          }
        >
          Ribbon as a picture
        </Button>
        <Button
          onClick={() =>
            void act(() => {
              saveBlob(new Blob([drawing()], { type: 'image/svg+xml' }), `${fileName}.svg`);
              return 'Saved as a drawing.';
            })()
          }
        >
          Ribbon as a drawing (SVG)
        </Button>
        <Button
          onClick={() => {
            onClose();
            // Once the sheet is gone from the page.
            setTimeout(() => window.print(), 100);
          }}
        >
          Print the page
        </Button>
        <Button onClick={onSave}>File for their Gander</Button>
      </div>
      <p role="status" className="mt-4 min-h-6">
        {said}
      </p>
      <div ref={drawn} aria-hidden="true" className="pointer-events-none fixed top-0 -left-[3000px]">
        <Ribbon
          ribbon={ribbon}
          width={WIDE}
          bodyHeight={84}
          fromS={0}
          toS={ribbon.toS * 1.01}
          words
          {...(controls ? { controls } : {})}
        />
      </div>
    </Dialog>
  );
}
