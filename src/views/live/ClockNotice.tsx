import { useState } from 'react';
import type { Roast } from '@/core/roast';
import { formatSpan } from '@/core/units';
import { database } from '@/store/current';
import { keepDeviceClock } from '@/store/roasting';

/** Says that the device's clock jumped and was not followed, with the way to follow it after all. */
export function ClockNotice({ roast, correctedMs }: { readonly roast: Roast; readonly correctedMs: number }) {
  const [seen, setSeen] = useState(0);
  if (correctedMs === 0 || seen === correctedMs) return null;
  const answer = 'border-2 border-ink min-h-16 rounded-2xl px-5 text-lg font-bold';
  return (
    <section role="alert" className="border-slate mb-4 flex flex-wrap items-center gap-3 rounded-2xl border-3 p-4">
      <p className="mr-auto max-w-[60ch]">
        This device’s clock jumped {correctedMs > 0 ? 'ahead' : 'back'} by {formatSpan(Math.abs(correctedMs) / 1000)}.
        Gander kept counting from the beans going in.
      </p>
      <button type="button" className={answer} onClick={() => setSeen(correctedMs)}>
        Good
      </button>
      {correctedMs > 0 && (
        <button
          type="button"
          className={answer}
          onClick={async () => {
            setSeen(correctedMs);
            await keepDeviceClock(database(), roast.id, correctedMs);
          }}
        >
          It had slept: follow it
        </button>
      )}
    </section>
  );
}
