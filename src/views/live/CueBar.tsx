import type { Cue } from '@/core/heat';
import { useHousehold } from '@/ui/useHousehold';

const looks = {
  soon: 'border-slate text-ink',
  due: 'border-bill text-ink',
  danger: 'border-danger bg-danger text-chaff',
} as const satisfies Record<Cue['level'], string>;

/** The gravest thing to be told now, in large words where the household wants them; danger is always shown. */
export function CueBar({ cue, silent }: { readonly cue: Cue | undefined; readonly silent: boolean }) {
  const { cueText, cueTone } = useHousehold();
  const shown = cue && (cueText || cue.level === 'danger');
  return (
    <div role="status" aria-live="assertive">
      {shown && (
        <p
          className={`font-heading mb-4 rounded-2xl border-3 px-5 py-3 text-2xl font-semibold sm:text-3xl ${looks[cue.level]}`}
        >
          {cue.text}
        </p>
      )}
      {silent && cueTone && (
        <p className="text-husk mb-3 text-[0.95rem]">
          The browser gives no sound yet: touch the screen once, or go by the words.
        </p>
      )}
    </div>
  );
}
