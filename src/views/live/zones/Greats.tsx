import { milestoneNames } from '@/core/roast';
import { capital } from '@/core/units';
import { useWords } from '@/ui/useHousehold';
import { PullControl } from '../PullControl';
import type { LiveRoastModel } from '../useLiveRoast';

interface GreatsProps {
  readonly model: LiveRoastModel;
  /** Space was pressed once for the pull. */
  readonly armed: boolean;
  readonly onNext: () => void;
  readonly onPull: () => void;
}

const face =
  'relative flex h-full w-full min-w-0 flex-col justify-end overflow-hidden rounded-2xl p-2.5 text-left wide:p-5';
const word = 'font-heading text-[1.45rem] leading-[1.05] font-semibold roomy:text-4xl';
const accent = 'bg-bill text-on-bill active:brightness-90';
const quiet = 'border-3 border-ink active:bg-sunk';

/** The two great controls, each always in its own place: what comes next, and the pull. The one that is next has the colour. */
export function Greats({ model, armed, onNext, onPull }: GreatsProps) {
  const { situation, pressable } = model;
  const { part } = pressable;
  const pullIsNext = situation.charged && pressable.milestone === 'pull';
  const allIsNext = pullIsNext && !part;
  return (
    <div className="heat-greats grid grid-cols-2 gap-3">
      <NextControl model={model} armed={armed} quiet={pullIsNext} onNext={onNext} />
      <PullControl
        label="Pull"
        hint={allIsNext ? (armed ? 'Once more to pull' : 'Slide or hold') : 'all of it: slide or hold'}
        keys={allIsNext ? 'Space twice' : 'Shift Space'}
        disabled={!situation.charged}
        className={`${face} ${pullLook(model, allIsNext)}`}
        wordClassName={word}
        onPull={onPull}
      />
    </div>
  );
}

/** Red in danger, the accent when it is next, else quiet. */
function pullLook({ told }: LiveRoastModel, isNext: boolean): string {
  if (told.tellings[0]?.level === 'danger') return 'bg-danger text-chaff';
  return isNext ? 'bg-bill text-on-bill' : 'bg-ink text-chaff';
}

/** What comes next, but the pull: a mark, a part of a staged pull, and in second crack each snap. */
function NextControl({
  model,
  armed,
  quiet: isQuiet,
  onNext,
}: Omit<GreatsProps, 'onPull'> & { readonly quiet: boolean }) {
  const words = useWords();
  const { situation, deeds } = model;
  const { milestone: next, part } = model.pressable;
  const snaps = model.drawn.ribbon.cracks.second.length;
  const look = `${face} ${isQuiet ? quiet : accent}`;
  if (!situation.charged) return <Press look={look} words="Beans in" keys="Space" onPress={onNext} />;
  if (!isQuiet)
    return <Press look={look} words={capital(next ? milestoneNames[next] : '')} keys="Space" onPress={onNext} />;
  if (part)
    return (
      <PullControl
        label={`Part out: ${words.shade(part.shade)}`}
        hint={armed ? 'Once more to take it out' : 'Slide or hold'}
        keys="Space twice"
        className={`${face} ${accent}`}
        wordClassName="font-heading text-[1.25rem] leading-[1.05] font-semibold roomy:text-3xl"
        onPull={() => void deeds.pull(part)}
      />
    );
  if (situation.reached.secondCrack !== undefined)
    return <Press look={look} words={`A snap · ${snaps}`} keys="C" onPress={() => void deeds.tapCrack()} />;
  const milestone = situation.reached.firstCrackEnd === undefined && snaps === 0 ? 'firstCrackEnd' : 'secondCrack';
  return (
    <Press
      look={look}
      words={milestone === 'firstCrackEnd' ? 'First is over' : 'Second crack'}
      onPress={() => void deeds.log({ kind: 'mark', milestone })}
    />
  );
}

function Press(props: { look: string; words: string; keys?: string; onPress: () => void }) {
  return (
    <button type="button" className={props.look} onClick={props.onPress}>
      <span className={word}>{props.words}</span>
      {props.keys && (
        <span aria-hidden="true" className="absolute top-3 right-4 hidden wide:inline">
          {props.keys}
        </span>
      )}
    </button>
  );
}
