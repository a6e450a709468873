import { useLiveQuery } from 'dexie-react-hooks';
import { database } from '@/store/current';
import type { PhotoRow } from '@/store/photoRow';
import { newestPhotoOf } from '@/store/photos';
import { usePhotoUrl } from './LightTakenOut';

/** A small square of the newest photo of a roast, for a row of a list; nothing where there is none. */
export function PhotoSquare({ roastId }: { readonly roastId: string }) {
  const photo = useLiveQuery(() => newestPhotoOf(database(), roastId), [roastId]);
  return photo ? <Square photo={photo} /> : null;
}

function Square({ photo }: { readonly photo: PhotoRow }) {
  const url = usePhotoUrl(photo);
  return url ? <img src={url} alt="" className="float-left mr-3 size-11 rounded-lg object-cover object-left" /> : null;
}
