import { expose, transfer } from 'comlink';
import { LOOK_PIXELS, lookAt, lookAtGround, lookAtReference, type Picture, sizeWithin } from '@/core/look';
import { trayPhoto } from '@/core/simulate';
import type { Looked, LookedAt, LookerContract } from './contract';
import { drawn, openPhoto } from './openPhoto';
import { practicePhoto } from './practicePhoto';
import { smallPhoto } from './smallPhoto';

const looks = { whole: lookAt, ground: lookAtGround, reference: lookAtReference } as const satisfies Record<
  LookedAt,
  unknown
>;

/** As many pixels as a look needs. */
function pixelsOf(canvas: OffscreenCanvas): Picture {
  const { width, height } = sizeWithin(canvas, LOOK_PIXELS);
  const looked = width < canvas.width ? drawn(canvas, width, height) : canvas;
  const context = looked.getContext('2d') as OffscreenCanvasRenderingContext2D;
  return { width, height, rgba: context.getImageData(0, 0, width, height).data };
}

/** What a look at a canvas told, with the photo to be kept. */
async function lookedAt(canvas: OffscreenCanvas, of: LookedAt): Promise<Looked> {
  const look = looks[of](pixelsOf(canvas));
  if (look.kind === 'refused') return look;
  const { measure, white, beans, patches } = look;
  const small = await smallPhoto(canvas);
  return transfer({ kind: 'measured', measure, photo: { ...small, white, marks: beans, patches } }, [small.bytes]);
}

const looker: LookerContract = {
  makeReady: () => void lookAt(pixelsOf(practicePhoto())),
  async look(file, of) {
    const opened = await openPhoto(file);
    return opened.kind === 'unreadable' ? opened : lookedAt(opened.canvas, of);
  },
  tray(wish, seed) {
    const { width, height, rgba } = trayPhoto(wish, seed);
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d') as OffscreenCanvasRenderingContext2D;
    context.putImageData(new ImageData(new Uint8ClampedArray(rgba), width, height), 0, 0);
    return lookedAt(canvas, 'whole');
  },
  check(frame, of) {
    const look = looks[of](frame);
    if (look.kind === 'refused') return { refuse: look.refuse };
    return look.shadow ? { shadow: true } : {};
  },
};
expose(looker);
