import { useEffect, useId, useState } from 'react';
import type { PhotoIn, PhotoRow } from '@/store/photoRow';
import { BeanRings } from './BeanRings';

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
  const { width, height, white } = photo;
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
      {outlined && <BeanRings photo={photo} />}
    </svg>
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
