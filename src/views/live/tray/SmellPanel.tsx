import { memo } from 'react';
import { type LiveEntry, type Smell, senses, smells } from '@/core/roast';
import type { LiveRoastModel } from '../useLiveRoast';

const word =
  'border-line aria-pressed:border-bill aria-pressed:bg-sunk min-h-[64px] min-w-0 rounded-lg border-b-4 px-0.5 text-[0.95rem] aria-pressed:font-bold active:bg-sunk roomy:text-lg';

interface SmellPanelProps {
  /** What was smelled and seen last. */
  readonly smelled: Smell | undefined;
  readonly smoke: string | undefined;
  readonly log: LiveRoastModel['deeds']['log'];
}

/** What the log says last of smell and smoke. */
function lastSensed(live: readonly LiveEntry[]): Pick<SmellPanelProps, 'smelled' | 'smoke'> {
  const smelled = live.findLast((entry) => entry.kind === 'smell');
  const smoke = live.findLast((entry) => entry.kind === 'sense' && entry.sense === 'smoke');
  return {
    smelled: smelled?.kind === 'smell' ? smelled.smell : undefined,
    smoke: smoke?.kind === 'sense' ? smoke.word : undefined,
  };
}

/** Smells in the order in which they come, and the smoke. */
const Panel = memo(function Panel({ smelled, smoke, log }: SmellPanelProps) {
  return (
    <div className="grid h-full grid-rows-2 gap-1">
      <fieldset aria-label="Smells of" className="grid grid-cols-6">
        {smells.map((smell) => (
          <button
            key={smell}
            type="button"
            aria-pressed={smelled === smell}
            className={word}
            onClick={() => void log({ kind: 'smell', smell })}
          >
            {smell}
          </button>
        ))}
      </fieldset>
      <fieldset aria-label="Smoke" className="grid grid-cols-[auto_repeat(4,1fr)] items-center">
        <span className="text-husk pr-2 text-[0.9rem]">Smoke</span>
        {senses.smoke.map((each) => (
          <button
            key={each}
            type="button"
            aria-label={`Smoke ${each}`}
            aria-pressed={smoke === each}
            className={word}
            onClick={() => void log({ kind: 'sense', sense: 'smoke', word: each })}
          >
            {each}
          </button>
        ))}
      </fieldset>
    </div>
  );
});

/** Smells, smoke and how the beans move, with what was sensed last. */
export function SmellPanel({ live, log }: { readonly live: readonly LiveEntry[] } & Pick<SmellPanelProps, 'log'>) {
  return <Panel {...lastSensed(live)} log={log} />;
}
