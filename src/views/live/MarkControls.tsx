import { type Milestone, milestoneNames } from '@/core/roast';
import { PullControl } from './PullControl';
import type { LiveRoastModel } from './useLiveRoast';

interface MarkControlsProps {
  readonly model: LiveRoastModel;
  /** The next part of a staged pull, by its shade. */
  readonly part: { readonly name: string; readonly onPull: () => void } | undefined;
  /** Space was pressed once for the pull. */
  readonly armed: boolean;
  readonly onNext: () => void;
  readonly onPull: () => void;
  readonly onPop: () => void;
}

const OTHERS: readonly Exclude<Milestone, 'pull' | 'cooled'>[] = [
  'yellow',
  'firstCrack',
  'firstCrackEnd',
  'secondCrack',
];
const capital = (text: string) => `${text[0]?.toUpperCase()}${text.slice(1)}`;
const shortNames = {
  yellow: 'Yellow',
  firstCrack: 'First crack',
  firstCrackEnd: 'First is over',
  secondCrack: 'Second crack',
} as const;

/** One very large control for what comes next; small ones for what else may have happened. */
export function MarkControls({ model, part, armed, onNext, onPull, onPop }: MarkControlsProps) {
  const { next, reached, log } = model;
  const small = 'border-2 border-ink min-h-16 flex-1 rounded-2xl px-2 font-bold active:bg-sunk sm:text-lg';
  const others = OTHERS.filter(
    (milestone) => milestone !== next && reached[milestone] === undefined && isPlausible(milestone, reached),
  );
  return (
    <div className="space-y-3.5">
      {next === 'pull' ? (
        <>
          <PullControl large onPull={onPull} />
          <p className="text-husk text-[0.95rem]">
            {armed ? (
              <b className="text-ink">Once more to pull.</b>
            ) : (
              'Slide across, or hold: a tap alone does not pull.'
            )}
          </p>
        </>
      ) : (
        <button
          type="button"
          onClick={onNext}
          className="bg-bill text-on-bill flex h-32 w-full items-end rounded-3xl p-6 active:brightness-90 lg:h-42 lg:p-7"
        >
          <span className="font-heading mr-auto text-left text-5xl font-semibold lg:text-6xl">
            {next ? capital(milestoneNames[next]) : 'Beans in'}
          </span>
          <span className="hidden lg:inline">Space</span>
        </button>
      )}
      {model.charged && (
        <div className="flex flex-wrap gap-3">
          {others.map((milestone) => (
            <button
              key={milestone}
              type="button"
              className={small}
              onClick={() => void log({ kind: 'mark', milestone })}
            >
              {shortNames[milestone]}
            </button>
          ))}
          <button type="button" className={small} onClick={onPop}>
            {popWords(model)}
          </button>
          {next !== 'pull' && <PullControl onPull={onPull} />}
          {reached.firstCrack !== undefined && part && <PullControl label={part.name} onPull={part.onPull} />}
        </div>
      )}
    </div>
  );
}

/** What can be pressed besides the next one; anything odd can still be added on the roast's page. */
function isPlausible(milestone: Milestone, reached: LiveRoastModel['reached']): boolean {
  if (milestone === 'yellow') return reached.firstCrack === undefined;
  if (milestone === 'firstCrackEnd') return reached.firstCrack !== undefined && reached.secondCrack === undefined;
  if (milestone === 'secondCrack') return reached.yellow !== undefined || reached.firstCrack !== undefined;
  return true;
}

function popWords({ reached, ribbon }: LiveRoastModel): string {
  if (reached.secondCrack !== undefined) return `A snap · ${ribbon.cracks.second.length}`;
  if (reached.firstCrack === undefined)
    return ribbon.cracks.first.length > 0 ? `A stray pop · ${ribbon.cracks.first.length}` : 'Only a stray pop';
  return `A pop · ${ribbon.cracks.first.length}`;
}
