import type { Gear } from '@/core/gear';
import { cracksStandOut, type GearEar, soundsClear } from '@/core/listen';
import { database } from '@/store/current';
import { editGear } from '@/store/larder';
import { notify } from '@/store/notices';
import { Column } from '@/ui/Column';
import { Tick } from '@/ui/Tick';

/** What listening knows of a piece of gear, in words, and whether it listens at every roast on it. */
export function HowItSounds({ gear, ear }: { readonly gear: Gear; readonly ear: GearEar | undefined }) {
  const listenAlways = async (on: boolean) => {
    const change = await editGear(database(), gear, { listens: on || undefined });
    notify({
      text: on ? `Every roast on ${gear.nickname} is listened to.` : `${gear.nickname} is heard only when you ask.`,
      undo: change,
    });
  };
  return (
    <Column title="How it sounds">
      {ear ? (
        <>
          <p>
            {STANDS_OUT[cracksStandOut(ear)]} They are about <b className="num">{Math.round(ear.cracksDb)} dB</b> louder
            than it.
          </p>
          <p className="mt-1">
            {soundsClear(ear)
              ? 'They are clear, so Listening counts clear ones only.'
              : 'Some sound like other noises, so Listening takes doubtful ones too. Keep watching.'}
            {ear.mistaken !== undefined && ' Noises were once taken for first crack here: it asks for more since.'}
          </p>
          <p className="text-husk mt-2 text-[0.95rem]">
            Learnt from {ear.roasts === 1 ? 'one roast' : `the last ${ear.roasts} roasts`} whose first crack you took or
            marked while Gander listened.
          </p>
        </>
      ) : (
        <p className="text-husk">
          Press Listen under More at the heat. Once you have taken or marked a first crack there, what Gander learnt of
          its sound stands here.
        </p>
      )}
      {!gear.removedAt && (
        <Tick checked={gear.listens === true} onChange={(event) => void listenAlways(event.target.checked)}>
          Listen at every roast on it
        </Tick>
      )}
    </Column>
  );
}

const STANDS_OUT = {
  clearly: 'Its pops stand out clearly from its own noise.',
  somewhat: 'Its pops can be told from its own noise.',
  hardly: 'Its pops hardly stand out: tap along where you can.',
} as const;
