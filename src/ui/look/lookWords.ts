import { beansOf, evennessOf, type RoastLook } from '@/core/roast';
import { type ShadeNumber, shadeOfLightness } from '@/core/shade';
import { capital } from '@/core/units';
import { type DeviceFault, deviceFault } from '@/workers/deviceFault';

const evenWords = {
  even: 'even',
  someSpread: 'with some spread',
  patchy: 'patchy',
} as const satisfies Record<ReturnType<typeof evennessOf>, string>;

/** “Medium, a little darker than you wanted; even; 3 of 96 beans scorched.” */
export function lookSentence(
  look: RoastLook,
  wanted: ShadeNumber | undefined,
  shadeName: (shade: ShadeNumber) => string,
  lies = 0,
): string {
  const shade = shadeOfLightness(look.lightness - lies);
  const parts = [
    `${capital(shadeName(shade))}${wanted === undefined ? '' : againstWanted(shade, wanted)}`,
    look.spread === undefined ? undefined : evenWords[evennessOf(look.spread)],
    spots(look, look.scorchedShare, 'scorched'),
    spots(look, look.paleShare, 'much paler than the rest'),
  ];
  return `${parts.filter((part) => part !== undefined).join('; ')}.`;
}

function againstWanted(shade: ShadeNumber, wanted: ShadeNumber): string {
  const apart = shade - wanted;
  if (apart === 0) return ', as you wanted';
  const much = Math.abs(apart) > 1 ? 'much' : 'a little';
  return `, ${much} ${apart > 0 ? 'darker' : 'lighter'} than you wanted`;
}

function spots(look: RoastLook, share: number | undefined, word: string): string | undefined {
  const { count, words } = beansOf(look, share);
  return count === 0 ? undefined : `${words} ${word}`;
}

const whyNoCamera = {
  notAllowed:
    'The camera is not allowed. Allow it for this page in the browser’s settings and open it again, or choose a photo.',
  missing: 'There is no camera on this device. Choose a photo instead.',
  taken: 'Another program or tab has the camera. Close it there and open it again, or choose a photo.',
  unknown: 'The camera did not open. Open it again, or choose a photo.',
} as const satisfies Record<DeviceFault, string>;

/** What to say when the camera does not open. */
export const cameraWords = (error: unknown): string => whyNoCamera[deviceFault(error)];
