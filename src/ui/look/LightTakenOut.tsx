import { useEffect, useId, useState } from 'react';
import type { SeenBean, SeenEllipse } from '@/core/look';
import type { PhotoIn, PhotoRow } from '@/store/photoRow';

interface LightTakenOutProps {
  readonly photo: PhotoIn;
  /** Drawn around the beans: where the eye is to look. */
  readonly outlined?: boolean;
  readonly alt: string;
  readonly className?: string;
}

/** A kept photo under the light that makes its paper white, so that photos of other days can be held beside it. */
export function LightTakenOut({ photo, outlined, alt, className }: LightTakenOutProps) {
  const id = useId();
  const url = usePhotoUrl(photo);
  const { width, height, white, marks, patches } = photo;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="xMinYMid"
      role="img"
      aria-label={alt}
      className={className}
    >
      <WhiteFilter id={id} white={white} />
      {url && <image href={url} width={width} height={height} filter={`url(#${id})`} />}
      {outlined && marks.map((mark) => <Ring key={`${mark.x} ${mark.y}`} ellipse={mark} is={mark.is} width={width} />)}
      {outlined &&
        patches?.map((patch) => <Ring key={`${patch.x} ${patch.y}`} ellipse={patch} is="scorched" width={width} />)}
    </svg>
  );
}

interface RingProps {
  readonly ellipse: SeenEllipse;
  readonly is: SeenBean['is'];
  /** Of the photo, pixels. */
  readonly width: number;
}

/** A ring around a bean, or a scorched place of one: dark under light, so that it shows on both. */
function Ring({ ellipse: { x, y, long, broad, angle }, is, width }: RingProps) {
  const radii = { rx: long * width, ry: broad * width };
  return (
    <g transform={`translate(${x * width} ${y * width}) rotate(${(angle * 180) / Math.PI})`} fill="none">
      <ellipse {...radii} stroke="#1d130b" strokeOpacity={0.7} strokeWidth={4} />
      <ellipse
        {...radii}
        stroke={is === undefined ? '#f9f4e8' : '#ffb25c'}
        strokeWidth={is === undefined ? 1.5 : 4}
        strokeDasharray={is === 'pale' ? '9 6' : undefined}
      />
    </g>
  );
}

interface WhiteFilterProps {
  readonly id: string;
  readonly white: PhotoRow['white'];
}

/** Divides a picture by the colour of its light, in linear light, by the graphics card. */
export function WhiteFilter({ id, white }: WhiteFilterProps) {
  return (
    <filter id={id} colorInterpolationFilters="linearRGB" x="0" y="0" width="1" height="1">
      <feComponentTransfer>
        <feFuncR type="linear" slope={1 / white.r} />
        <feFuncG type="linear" slope={1 / white.g} />
        <feFuncB type="linear" slope={1 / white.b} />
      </feComponentTransfer>
    </filter>
  );
}

/** An address for the bytes of a photo, for as long as it is shown. */
export function usePhotoUrl({ bytes, mime }: Pick<PhotoRow, 'bytes' | 'mime'>): string | undefined {
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    const made = URL.createObjectURL(new Blob([bytes], { type: mime }));
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [bytes, mime]);
  return url;
}
