import { smells } from '@/core/roast';
import { beanColour, namedColours } from '@/core/shade';
import type { LiveRoastModel } from './useLiveRoast';

/** Smell and colour by one tap each. */
export function Senses({ model }: { readonly model: LiveRoastModel }) {
  const smelled = model.live.findLast((entry) => entry.kind === 'smell');
  const seen = model.live.findLast((entry) => entry.kind === 'colour');
  return (
    <div className="grid gap-x-6 sm:grid-cols-2 lg:grid-cols-1 xl:grid-cols-[1.7fr_1fr]">
      <fieldset className="pt-2">
        <legend className="text-husk text-[0.95rem]">Smells of</legend>
        <div className="flex flex-wrap gap-x-1">
          {smells.map((smell) => (
            <button
              key={smell}
              type="button"
              aria-pressed={smelled?.kind === 'smell' && smelled.smell === smell}
              className="border-line aria-pressed:border-bill min-h-16 flex-1 border-b-2 px-1.5 aria-pressed:font-bold"
              onClick={() => void model.log({ kind: 'smell', smell })}
            >
              {smell}
            </button>
          ))}
        </div>
      </fieldset>
      <fieldset className="pt-2">
        <legend className="text-husk text-[0.95rem]">Colour now</legend>
        <div className="flex overflow-hidden rounded-xl">
          {namedColours.map(({ name, tone }) => (
            <button
              key={name}
              type="button"
              aria-label={name}
              title={name}
              aria-pressed={seen?.kind === 'colour' && seen.tone === tone}
              style={{ background: beanColour(tone) }}
              className="group relative h-16 flex-1 focus-visible:-outline-offset-4"
              onClick={() => void model.log({ kind: 'colour', tone })}
            >
              <span className="absolute inset-y-2 left-1/2 hidden w-2.5 -translate-x-1/2 rounded border-3 border-white group-aria-pressed:block" />
            </button>
          ))}
        </div>
      </fieldset>
    </div>
  );
}
