import { bluetoothThermometer } from './bluetooth.ts';
import type { DirectProbe, Link } from './link.ts';
import { standIn } from './standIn.ts';
import { usb } from './usb.ts';

/** The thermometers that need no server. */
export const directProbes: Readonly<Record<Exclude<Link, 'server'>, DirectProbe>> = {
  usb,
  bluetooth: bluetoothThermometer,
  standIn,
};
