import type { PhotoIn } from '@/store/photoRow';
import { drawn } from './openPhoto';

/** A kept photo is at most so large, and so long on its longer side. */
const MOST_BYTES = 300 * 1000;
const SIZES = [1600, 1280, 960] as const;
const QUALITIES = [0.85, 0.75, 0.6, 0.45] as const;

/** A photo as it is kept: written anew, so that place, time and camera that stood in it are gone. */
export async function smallPhoto(canvas: OffscreenCanvas): Promise<Omit<PhotoIn, 'white' | 'marks' | 'patches'>> {
  let last: Blob | undefined;
  let shown = canvas;
  for (const longest of SIZES) {
    const scale = Math.min(1, longest / Math.max(canvas.width, canvas.height));
    shown = drawn(canvas, Math.round(canvas.width * scale), Math.round(canvas.height * scale));
    for (const quality of QUALITIES) {
      last = await shown.convertToBlob({ type: 'image/jpeg', quality });
      if (last.size <= MOST_BYTES) return written(last, shown);
    }
  }
  return written(last as Blob, shown);
}

async function written(blob: Blob, { width, height }: OffscreenCanvas) {
  return { mime: blob.type, bytes: await blob.arrayBuffer(), size: blob.size, width, height };
}
