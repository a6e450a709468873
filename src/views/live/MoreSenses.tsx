import { senseKinds, senses } from '@/core/roast';
import type { LiveRoastModel } from './useLiveRoast';

const names = { sheen: 'Sheen', smoke: 'Smoke', movement: 'They move' } as const;

/** Sheen, smoke and movement, for those who look for them: one tap each. */
export function MoreSenses({ model }: { readonly model: LiveRoastModel }) {
  return (
    <details className="pt-1">
      <summary className="flex min-h-11 items-center underline underline-offset-4">Sheen, smoke, movement</summary>
      {senseKinds.map((sense) => {
        const seen = model.live.findLast((entry) => entry.kind === 'sense' && entry.sense === sense);
        return (
          <fieldset key={sense} className="flex flex-wrap items-center gap-x-1">
            <legend className="text-husk text-[0.95rem]">{names[sense]}</legend>
            {senses[sense].map((word) => (
              <button
                key={word}
                type="button"
                aria-pressed={seen?.kind === 'sense' && seen.word === word}
                className="border-line aria-pressed:border-bill min-h-16 flex-1 border-b-2 px-1.5 aria-pressed:font-bold"
                onClick={() => void model.log({ kind: 'sense', sense, word })}
              >
                {word}
              </button>
            ))}
          </fieldset>
        );
      })}
    </details>
  );
}
