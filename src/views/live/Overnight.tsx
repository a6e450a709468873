import { useState } from 'react';
import { issueSentence } from '@/core/issues';
import { formatClock, formatSpan, parseClock } from '@/core/units';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import type { LiveRoastModel } from './useLiveRoast';

interface OvernightProps {
  readonly model: LiveRoastModel;
  readonly onPulled: (atS: number) => void;
  readonly onDelete: () => void;
}

/** A roast that was left open for hours: when was it pulled? */
export function Overnight({ model, onPulled, onDelete }: OvernightProps) {
  const { reached } = model.situation;
  const expected = Math.max(reached.firstCrack ?? 0, model.known.expectation.usualTimes.pull.medianS);
  const [text, setText] = useState<string>();
  const [closed, setClosed] = useState(false);
  const shown = text ?? formatClock(expected);
  const parsed = parseClock(shown);
  const fault = parsed.ok ? faultOf(parsed.value, model.situation.nowS) : parsed.issues.map(issueSentence).join(' ');
  return (
    <Dialog open={!closed} onClose={() => setClosed(true)} title="Was it pulled, and when?">
      <p>This roast has been open for {formatSpan(model.situation.nowS)}. After the beans went in, it was out at</p>
      <input
        aria-label="Pulled at"
        className="num border-husk my-4 min-h-16 w-[6ch] border-b-2 bg-transparent text-2xl"
        value={shown}
        onChange={(event) => setText(event.target.value)}
      />
      {fault && (
        <p role="alert" className="text-danger mb-3">
          {fault}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button
          variant="next"
          size="large"
          disabled={fault !== undefined}
          onClick={() => parsed.ok && onPulled(parsed.value)}
        >
          Pulled then
        </Button>
        <Button size="large" onClick={onDelete}>
          Delete the roast
        </Button>
        <Button size="large" onClick={() => setClosed(true)}>
          It is still on the heat
        </Button>
      </div>
    </Dialog>
  );
}

/** Why the beans cannot have been pulled at a moment, seconds from charge. */
function faultOf(atS: number, nowS: number): string | undefined {
  if (atS <= 0) return 'Write how long after the beans went in it was, such as 7:42.';
  return atS > nowS ? 'That is still to come.' : undefined;
}
