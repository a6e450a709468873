import { imageSize } from 'image-size';

/** A photo as pixels on a canvas, or why it cannot be one. */
export type OpenedPhoto =
  | { readonly kind: 'open'; readonly canvas: OffscreenCanvas }
  | { readonly kind: 'unreadable'; readonly words: string };

/** Pixels along the longer side that are looked at: more than the measure needs, and as much as is kept. */
const LONGEST = 1600;
const MOST_MEGAPIXELS = 80;
const MEGA = 1_000_000;
/** The size stands at the beginning of a file. */
const HEAD_BYTES = 512 * 1024;
/** What see-through parts lie on: white might pass for paper. */
const GREY = '#808080';

/** Opens a photo, turned as the camera was held. */
export async function openPhoto(file: Blob): Promise<OpenedPhoto> {
  const head = await sizeOf(file);
  if (head && head.width * head.height > MOST_MEGAPIXELS * MEGA) {
    const mega = Math.round((head.width * head.height) / MEGA);
    return unreadable(
      `This picture has ${mega} megapixels; Gander reads up to ${MOST_MEGAPIXELS}. Choose a smaller size in the camera, or crop it to the beans and the paper.`,
    );
  }
  // Browsers draw what there is of a photo and leave the rest grey: that would be measured.
  if (head?.type === 'jpg' && (await isCutOff(file))) return unreadable(CUT_OFF);
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return unreadable(whyNot(file, head?.type));
  }
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
  const canvas = drawn(bitmap, Math.round(bitmap.width * scale), Math.round(bitmap.height * scale));
  bitmap.close();
  return { kind: 'open', canvas };
}

/** A picture drawn on a canvas of a size. */
export function drawn(from: ImageBitmap | OffscreenCanvas, width: number, height: number): OffscreenCanvas {
  const canvas = new OffscreenCanvas(Math.max(1, width), Math.max(1, height));
  const context = canvas.getContext('2d', { willReadFrequently: true }) as OffscreenCanvasRenderingContext2D;
  context.fillStyle = GREY;
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.imageSmoothingQuality = 'high';
  context.drawImage(from, 0, 0, canvas.width, canvas.height);
  return canvas;
}

const unreadable = (words: string) => ({ kind: 'unreadable' as const, words });

async function sizeOf(file: Blob): Promise<{ width: number; height: number; type?: string | undefined } | undefined> {
  try {
    return imageSize(new Uint8Array(await file.slice(0, HEAD_BYTES).arrayBuffer()));
  } catch {
    return undefined;
  }
}

function whyNot(file: Blob, type: string | undefined): string {
  if (type === 'heic' || type === 'heif' || /hei[cf]/.test(file.type))
    return 'This is a HEIC photo, which this browser cannot read. Let the phone’s camera save the most compatible format (JPEG), or share the photo as JPEG and choose that.';
  if (type === undefined) return 'This is not a picture. Choose a photo: JPEG, PNG or WebP.';
  return CUT_OFF;
}

const CUT_OFF = 'This picture is damaged or cut off. Take it again, or choose another.';

/** Whether a JPEG has no end: nothing closes it after its last scan began (ITU-T T.81, annex B). */
async function isCutOff(file: Blob): Promise<boolean> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const end = lastMarker(bytes, 0xd9);
  if (end === bytes.length - 2) return false;
  return end < lastMarker(bytes, 0xda);
}

function lastMarker(bytes: Uint8Array, code: number): number {
  for (let i = bytes.length - 2; i >= 0; i--) if (bytes[i] === 0xff && bytes[i + 1] === code) return i;
  return -1;
}
