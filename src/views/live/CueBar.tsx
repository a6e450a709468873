import type { Cue } from '@/core/heat';

const looks = {
  soon: 'border-slate text-ink',
  due: 'border-bill text-ink',
  danger: 'border-danger bg-danger text-chaff',
} as const satisfies Record<Cue['level'], string>;

/** The gravest thing to be told now, in large words; always there, so that screen readers hear it change. */
export function CueBar({ cue }: { readonly cue: Cue | undefined }) {
  return (
    <div role="status" aria-live="assertive">
      {cue && (
        <p
          className={`font-heading mb-4 rounded-2xl border-3 px-5 py-3 text-2xl font-semibold sm:text-3xl ${looks[cue.level]}`}
        >
          {cue.text}
        </p>
      )}
    </div>
  );
}
