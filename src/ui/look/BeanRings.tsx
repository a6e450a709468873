import type { SeenBean, SeenEllipse } from '@/core/look';
import type { PhotoIn } from '@/store/photoRow';

/** How the rings of each kind are drawn, the last on top; without a kind it is a bean like most. */
const STROKES = [
  { is: undefined, stroke: '#f9f4e8', strokeWidth: 1.5 },
  { is: 'pale', stroke: '#ffb25c', strokeWidth: 4, strokeDasharray: '9 6' },
  { is: 'scorched', stroke: '#ffb25c', strokeWidth: 4 },
] as const satisfies readonly { readonly is: SeenBean['is']; readonly [key: string]: unknown }[];

/**
 * Rings around the beans of a photo and the scorched places of those that were not measured: dark under light, so that they show on
 * both. All of a kind are one path: hundreds of shapes held the page up.
 */
export function BeanRings({ photo: { marks, patches = [], width } }: { readonly photo: PhotoIn }) {
  return STROKES.map(({ is, ...stroke }) => {
    const alike = marks.filter((mark) => mark.is === is);
    const around: readonly SeenEllipse[] = is === 'scorched' ? [...alike, ...patches] : alike;
    const d = around.map((each) => ringPath(each, width)).join('');
    return (
      <g key={is ?? ''} fill="none">
        <path d={d} stroke="#1d130b" strokeOpacity={0.7} strokeWidth={4} />
        <path d={d} {...stroke} />
      </g>
    );
  });
}

/** An ellipse as two arcs, from one end of its long axis to the other and back. */
function ringPath({ x, y, long, broad, angle }: SeenEllipse, width: number): string {
  const [dx, dy] = [long * width * Math.cos(angle), long * width * Math.sin(angle)];
  const end = (sign: 1 | -1) => `${(x * width + sign * dx).toFixed(1)} ${(y * width + sign * dy).toFixed(1)}`;
  const arc = `A${(long * width).toFixed(1)} ${(broad * width).toFixed(1)} ${((angle * 180) / Math.PI).toFixed(1)} 1 1 `;
  return `M${end(1)}${arc}${end(-1)}${arc}${end(1)}`;
}
