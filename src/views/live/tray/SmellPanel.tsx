import { type SenseKind, senses, smells } from '@/core/roast';
import type { LiveRoastModel } from '../useLiveRoast';

const word =
  'border-line aria-pressed:border-bill aria-pressed:bg-sunk min-h-[64px] min-w-0 rounded-lg border-b-4 px-0.5 text-[0.95rem] aria-pressed:font-bold active:bg-sunk roomy:text-lg';

/** Smells in the order in which they come, and the smoke. */
export function SmellPanel({ model }: { readonly model: LiveRoastModel }) {
  const smelled = model.at.live.findLast((entry) => entry.kind === 'smell');
  return (
    <div className="grid h-full grid-rows-2 gap-1">
      <fieldset aria-label="Smells of" className="grid grid-cols-6">
        {smells.map((smell) => (
          <button
            key={smell}
            type="button"
            aria-pressed={smelled?.kind === 'smell' && smelled.smell === smell}
            className={word}
            onClick={() => void model.log({ kind: 'smell', smell })}
          >
            {smell}
          </button>
        ))}
      </fieldset>
      <SenseRow model={model} sense="smoke" name="Smoke" />
    </div>
  );
}

/** The words for one thing that is seen. */
function SenseRow({ model, sense, name }: { model: LiveRoastModel; sense: SenseKind; name: string }) {
  const seen = model.at.live.findLast((entry) => entry.kind === 'sense' && entry.sense === sense);
  return (
    <fieldset aria-label={name} className="grid grid-cols-[auto_repeat(4,1fr)] items-center">
      <span className="text-husk pr-2 text-[0.9rem]">{name}</span>
      {senses[sense].map((each) => (
        <button
          key={each}
          type="button"
          aria-label={`${name} ${each}`}
          aria-pressed={seen?.kind === 'sense' && seen.word === each}
          className={word}
          onClick={() => void model.log({ kind: 'sense', sense, word: each })}
        >
          {each}
        </button>
      ))}
    </fieldset>
  );
}
