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
      {outlined && <Rings around={marks.filter(({ is }) => is === undefined)} is={undefined} width={width} />}
      {outlined && <Rings around={marks.filter(({ is }) => is === 'pale')} is="pale" width={width} />}
      {outlined && (
        <Rings
          around={[...marks.filter(({ is }) => is === 'scorched'), ...(patches ?? [])]}
          is="scorched"
          width={width}
        />
      )}
    </svg>
  );
}

interface RingsProps {
  readonly around: readonly SeenEllipse[];
  readonly is: SeenBean['is'];
  /** Of the photo, pixels. */
  readonly width: number;
}

/** Rings around beans of one kind, or scorched places of them, as one path: dark under light, so that they show on both. */
function Rings({ around, is, width }: RingsProps) {
  const d = around.map((each) => ringPath(each, width)).join('');
  return (
    <g fill="none">
      <path d={d} stroke="#1d130b" strokeOpacity={0.7} strokeWidth={4} />
      <path
        d={d}
        stroke={is === undefined ? '#f9f4e8' : '#ffb25c'}
        strokeWidth={is === undefined ? 1.5 : 4}
        strokeDasharray={is === 'pale' ? '9 6' : undefined}
      />
    </g>
  );
}

/** An ellipse as two arcs, from one end of its long axis to the other and back. */
function ringPath({ x, y, long, broad, angle }: SeenEllipse, width: number): string {
  const [dx, dy] = [long * width * Math.cos(angle), long * width * Math.sin(angle)];
  const to = (sign: 1 | -1) => `${(x * width + sign * dx).toFixed(1)} ${(y * width + sign * dy).toFixed(1)}`;
  const arc = `A${(long * width).toFixed(1)} ${(broad * width).toFixed(1)} ${((angle * 180) / Math.PI).toFixed(1)} 1 1 `;
  return `M${to(1)}${arc}${to(-1)}${arc}${to(1)}`;
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
