import type { Random } from '../../chance/index.ts';
import { type ShadeNumber, shadeOf } from '../../shade/index.ts';
import type { TrayWish } from './trayScene.ts';

/** Two trays of which one is darker. */
export interface TrayPair {
  readonly trays: readonly [OneTray, OneTray];
  readonly darker: 0 | 1;
}

interface OneTray {
  readonly wish: TrayWish;
  readonly seed: number;
  readonly shade: ShadeNumber;
}

/** Draws two neighbouring shades, one on each side, the darker one where chance has it. */
export function trayPair(random: Random): TrayPair {
  const lighter = (1 + Math.floor(random() * 6)) as ShadeNumber;
  const tray = (shade: ShadeNumber): OneTray => ({
    shade,
    seed: Math.floor(random() * 2 ** 31),
    wish: { count: 70, lightness: shadeOf(shade).lightness, spread: 1.8, scorchedShare: 0, paleShare: 0 },
  });
  const [light, dark] = [tray(lighter), tray((lighter + 1) as ShadeNumber)];
  return random() < 0.5 ? { trays: [dark, light], darker: 0 } : { trays: [light, dark], darker: 1 };
}
