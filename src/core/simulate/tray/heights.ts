import { type SurfacePoint, surfaceAt } from './beanShape.ts';
import { TRAY_HEIGHT, type TrayScene } from './trayScene.ts';

/** Beans as they lie, a value a pixel. */
export interface Heights {
  /** Pixels. */
  readonly width: number;
  readonly height: number;
  /** Millimetres a pixel. */
  readonly mm: number;
  /** Millimetres over the ground. */
  readonly high: Float32Array;
  /** Which bean is uppermost, -1 none. */
  readonly bean: Int16Array;
  readonly points: (SurfacePoint | undefined)[];
}

/** Lays the beans of a scene one after the other, in so many pixels across. */
export function laid(scene: TrayScene, width: number): Heights {
  const height = Math.round(width * TRAY_HEIGHT);
  const mm = scene.fieldMm / width;
  const high = new Float32Array(width * height);
  const bean = new Int16Array(width * height).fill(-1);
  const points: (SurfacePoint | undefined)[] = new Array(width * height);
  for (const [n, each] of scene.beans.entries()) {
    const reach = each.long / 2 / mm;
    const [cx, cy] = [each.x / mm, each.y / mm];
    // A bean that falls on others lies upon them, a little lower than on a stick.
    const under =
      high[
        Math.min(height - 1, Math.max(0, Math.round(cy))) * width + Math.min(width - 1, Math.max(0, Math.round(cx)))
      ] ?? 0;
    for (let y = Math.max(0, Math.floor(cy - reach)); y <= Math.min(height - 1, cy + reach); y++)
      for (let x = Math.max(0, Math.floor(cx - reach)); x <= Math.min(width - 1, cx + reach); x++) {
        const point = surfaceAt(each, (x + 0.5) * mm, (y + 0.5) * mm);
        if (!point) continue;
        const i = y * width + x;
        const top = point.high + 0.6 * under;
        if (top <= (high[i] as number)) continue;
        high[i] = top;
        bean[i] = n;
        points[i] = point;
      }
  }
  return { width, height, mm, high, bean, points };
}

/** How far a bean's shadow and shade reach, millimetres. */
const REACH_MM = 12;

/** 1 where a bean is near enough to matter: the rest of the tray lies open. */
export function nearBeans({ width, height, mm, bean }: Heights): Uint8Array {
  const cell = Math.max(1, Math.round(REACH_MM / mm));
  const [columns, rows] = [Math.ceil(width / cell), Math.ceil(height / cell)];
  const full = new Uint8Array(columns * rows);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      if ((bean[y * width + x] as number) >= 0) full[Math.floor(y / cell) * columns + Math.floor(x / cell)] = 1;
  const wide = Uint8Array.from(full, (_, k) => {
    const [cx, cy] = [k % columns, Math.floor(k / columns)];
    for (let y = Math.max(0, cy - 1); y <= Math.min(rows - 1, cy + 1); y++)
      for (let x = Math.max(0, cx - 1); x <= Math.min(columns - 1, cx + 1); x++) if (full[y * columns + x]) return 1;
    return 0;
  });
  const near = new Uint8Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      near[y * width + x] = wide[Math.floor(y / cell) * columns + Math.floor(x / cell)] as number;
  return near;
}

const WAYS = 10;
const STEPS = 6;

/** How much of the sky a place sees, 0 to 1: by the steepest slope in each of some directions. */
export function openness({ width, height, mm, high }: Heights, near: Uint8Array): Float32Array {
  const out = new Float32Array(high.length).fill(1);
  const steps = Array.from({ length: WAYS }, (_, k) => {
    const angle = (2 * Math.PI * (k + 0.5)) / WAYS;
    return Array.from({ length: STEPS }, (_, n) => {
      const far = (0.5 * 1.65 ** n) / mm;
      return { dx: Math.round(far * Math.cos(angle)), dy: Math.round(far * Math.sin(angle)), mm: far * mm };
    });
  });
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      if (!near[y * width + x]) continue;
      const own = high[y * width + x] as number;
      let sum = 0;
      for (const way of steps) {
        let slope = 0;
        for (const step of way) {
          const [column, row] = [x + step.dx, y + step.dy];
          if (column < 0 || row < 0 || column >= width || row >= height) break;
          slope = Math.max(slope, ((high[row * width + column] as number) - own) / step.mm);
        }
        // Share of a cosine-weighted sky above the horizon at that slope.
        sum += 1 / (1 + slope * slope);
      }
      out[y * width + x] = sum / WAYS;
    }
  return out;
}
