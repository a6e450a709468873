import { beanColour, fieldColour, namedColours } from '@/core/shade';
import type { LiveRoastModel } from '../useLiveRoast';

/** The colour of the beans by one tap; each carries its name. */
export function ColourPanel({ model }: { readonly model: LiveRoastModel }) {
  const seen = model.situation.live.findLast((entry) => entry.kind === 'colour');
  return (
    <fieldset aria-label="Colour now" className="grid h-full grid-cols-5 grid-rows-2 gap-1.5">
      {namedColours.map(({ name, tone }) => (
        <button
          key={name}
          type="button"
          aria-label={name}
          aria-pressed={seen?.kind === 'colour' && seen.tone === tone}
          style={{ background: beanColour(tone), color: fieldColour(tone).text }}
          className="aria-pressed:outline-bill min-h-[64px] min-w-0 rounded-xl px-0.5 text-[0.9rem] leading-tight font-bold aria-pressed:outline-4 aria-pressed:-outline-offset-4 roomy:text-base"
          onClick={() => void model.deeds.log({ kind: 'colour', tone })}
        >
          {name}
        </button>
      ))}
    </fieldset>
  );
}
