import { useLiveQuery } from 'dexie-react-hooks';
import { groundLookOf, INSIDE_LAGS_FROM, palerInsideBy, type Roast, type RoastLook } from '@/core/roast';
import { type ShadeNumber, shadeOf } from '@/core/shade';
import { formatMegabytes } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import type { PhotoRow } from '@/store/photoRow';
import { photoOf, removeLook, removePhotos } from '@/store/photos';
import { Button } from '../Button';
import { DeleteForGood } from '../DeleteForGood';
import { useWords } from '../useHousehold';
import { LightTakenOut } from './LightTakenOut';
import { lookSentence } from './lookWords';
import { SortedBeans } from './SortedBeans';
import { useDrawnPhoto } from './useDrawnPhoto';
import { useOwnScale } from './useOwnScale';

interface LookAnswerProps {
  readonly roast: Roast;
  readonly look: RoastLook;
  readonly wanted: ShadeNumber | undefined;
}

/** What a photo told: in words first, then the beans with the light taken out, then the figures. */
export function LookAnswer({ roast, look, wanted }: LookAnswerProps) {
  const words = useWords();
  const photo = useLiveQuery(async () => (await photoOf(database(), look.id)) ?? null, [look.id]);
  useDrawnPhoto(roast, look, photo === null);
  const scale = useOwnScale(roast.id);
  const remove = async () =>
    notify({ text: 'What the photo told is removed.', undo: await removeLook(database(), roast.id, look.id) });
  const sentence = lookSentence(look, wanted, words.shade, scale?.lies);
  return (
    <div>
      <p className="text-lg">
        <b>{sentence}</b>
      </p>
      {photo === null && look.drawn && (
        <p role="status" className="text-husk mt-3">
          Drawing the simulated beans…
        </p>
      )}
      {photo && (
        <>
          <LightTakenOut
            photo={photo}
            outlined
            alt={`The beans beside white paper, with the light taken out. ${sentence}`}
            className="mt-3 max-h-[80dvh] w-full rounded-xl"
          />
          <Rings photo={photo} />
          <SortedBeans photo={photo} />
        </>
      )}
      <Inside roast={roast} look={look} />
      <Figures look={look} lies={scale?.lies} />
      <div className="no-print mt-1 -ml-4 flex flex-wrap gap-x-5 sm:-ml-5">
        {photo && !look.drawn && (
          <DeleteForGood
            label={`Remove the photo (${formatMegabytes(photo.size)})`}
            title="Remove the photo"
            says="The photo cannot be had back. What it told, the shade and the figures, stays with the roast."
            onDelete={() => removePhotos(database(), [look.id])}
          />
        )}
        <Button variant="quiet" onClick={() => void remove()}>
          Forget this look
        </Button>
      </div>
    </div>
  );
}

/** What the rings in the photo mean, of those that are there. */
function Rings({ photo }: { readonly photo: PhotoRow }) {
  const kinds = new Set(photo.marks.map(({ is }) => is));
  const said = [
    (kinds.has('scorched') || (photo.patches?.length ?? 0) > 0) && 'Thick rings: scorched.',
    kinds.has('pale') && 'Broken rings: much paler than the rest.',
  ].filter((each) => each !== false);
  return said.length === 0 ? null : <p className="text-husk mt-1 text-[0.95rem]">{said.join(' ')}</p>;
}

/** Whether the inside has kept up, once ground coffee was seen too, with its photo. */
function Inside({ roast, look }: { readonly roast: Roast; readonly look: RoastLook }) {
  const ground = groundLookOf(roast, look.pullId);
  const photo = useLiveQuery(async () => ground && photoOf(database(), ground.id), [ground?.id]);
  const by = palerInsideBy(roast, look.pullId);
  if (by === undefined) return null;
  const said = `Ground it is ${Math.abs(by).toFixed(0)} L* ${by < 0 ? 'darker' : 'lighter'} than whole: ${
    by >= INSIDE_LAGS_FROM
      ? 'the inside has not kept up. A gentler start or a longer browning lets it.'
      : 'the inside has kept up.'
  }`;
  return (
    <div className="mt-3">
      {photo && (
        <LightTakenOut
          photo={photo}
          alt={`The same ground, with the light taken out. ${said}`}
          className="w-1/2 rounded-xl"
        />
      )}
      <p className="mt-1">{said}</p>
    </div>
  );
}

function Figures({ look, lies }: { readonly look: RoastLook; readonly lies: number | undefined }) {
  const words = useWords();
  const percent = (share: number) => `${Math.round(100 * share)} %`;
  const rows: [string, string][] = [
    ['Lightness L*', `${look.lightness.toFixed(1)}, between ${look.least.toFixed(0)} and ${look.most.toFixed(0)}`],
    ['Spread between beans', look.spread === undefined ? 'not told' : `${look.spread.toFixed(1)} L*`],
    ['Pale', look.paleShare === undefined ? 'not told' : percent(look.paleShare)],
    ['Scorched', look.scorchedShare === undefined ? 'not told' : percent(look.scorchedShare)],
    [
      'Beans measured',
      look.beans === undefined || look.beans === look.measured
        ? String(look.measured)
        : `${look.measured} of about ${look.beans}`,
    ],
  ];
  return (
    <details className="mt-2">
      <summary className="flex min-h-11 items-center underline underline-offset-4">The figures</summary>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
        {rows.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-husk">{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <p className="text-husk mt-2 max-w-[65ch] text-[0.95rem]">
        L* is how light a surface is, 0 for black and 94 for the paper; glints are left out. The table has{' '}
        {words.shade(4)} at {shadeOf(4).lightness} and {words.shade(2)} at {shadeOf(2).lightness}.
        {lies !== undefined &&
          Math.abs(lies) >= 0.5 &&
          ` By the shades you have named, yours lie ${Math.abs(lies).toFixed(0)} L* ${lies > 0 ? 'lighter' : 'darker'}: the shade in words goes by that.`}{' '}
        “Not told” stands where the beans are too few or too dark to say.
      </p>
    </details>
  );
}
