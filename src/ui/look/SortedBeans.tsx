import { useId } from 'react';
import type { PhotoRow } from '@/store/photoRow';
import { useWidth } from '../useWidth';
import { usePhotoUrl, WhiteFilter } from './LightTakenOut';

/** A bean is shown at least and at most so large, pixels, and so far from the next. */
const SIDE = { least: 20, most: 34, share: 1 / 18 } as const;
const GAP = 2;

/** The beans of a photo cut out and sorted, pale to dark: a patchy roast is seen at once. */
export function SortedBeans({ photo }: { readonly photo: PhotoRow }) {
  const id = useId();
  const url = usePhotoUrl(photo);
  const sorted = photo.marks.toSorted((a, b) => b.lightness - a.lightness);
  const { ref, width: room } = useWidth();
  const side = Math.round(Math.min(SIDE.most, Math.max(SIDE.least, room * SIDE.share)));
  const fits = Math.max(2, Math.floor(room / (side + GAP)));
  const shown = evenly(sorted, fits);
  const { width, height, white } = photo;
  return (
    <div ref={ref} className="mt-3">
      <svg width="0" height="0" aria-hidden="true" className="absolute">
        <WhiteFilter id={id} white={white} />
      </svg>
      <div
        role="img"
        aria-label="The beans, from the palest to the darkest"
        className="flex justify-between"
        style={{ filter: `url(#${id})` }}
      >
        {shown.map(({ x, y, long }) => {
          // The bean fills its square, whatever the photo's scale.
          const scale = side / (2.1 * long * width);
          return (
            <span
              key={`${x} ${y}`}
              className="block rounded-full"
              style={{
                width: side,
                height: side,
                backgroundImage: url && `url(${url})`,
                backgroundSize: `${width * scale}px ${height * scale}px`,
                backgroundPosition: `${side / 2 - x * width * scale}px ${side / 2 - y * width * scale}px`,
              }}
            />
          );
        })}
      </div>
      <p className="text-husk mt-1 flex justify-between text-[0.95rem]">
        <span>palest</span>
        <span>darkest</span>
      </p>
    </div>
  );
}

/** At most so many of a list, the first and the last among them. */
function evenly<T>(all: readonly T[], most: number): readonly T[] {
  if (all.length <= most) return all;
  return Array.from({ length: most }, (_, i) => all[Math.round((i * (all.length - 1)) / (most - 1))] as T);
}
