import { useEffect, useRef, useState } from 'react';
import type { Gear } from '@/core/gear';
import { directProbes } from '@/probes';
import { type Link, links } from '@/probes/link';
import { chosenHousehold } from '@/store/current';
import { probeLink, setProbeLink } from '@/store/probeLink';
import { Button } from '@/ui/Button';
import { Segmented } from '@/ui/Segmented';
import { useWords } from '@/ui/useHousehold';

const NAMES = {
  server: 'through Gander’s server',
  usb: 'on a USB cable',
  bluetooth: 'by Bluetooth',
  standIn: 'only simulated',
} as const satisfies Record<Link, string>;

const WHY_NOT = {
  usb: 'This browser cannot read a cable: Chrome and Edge on a computer can, at https addresses and localhost. Or send the readings through Gander’s server.',
  bluetooth:
    'This browser cannot read Bluetooth: Chrome and Edge can, on Android and on computers, at https addresses and localhost. Or send the readings through Gander’s server.',
} as const;

/** By which way this device hears the probe, chosen and tried here, long before anything is hot. */
export function ProbeLink({ gear, unit }: { readonly gear: Gear; readonly unit: 'C' | 'F' }) {
  const words = useWords();
  const [link, setLink] = useState<Link>(() => probeLink(gear.id) as Link);
  const [said, setSaid] = useState('');
  const stop = useRef(() => {});
  useEffect(() => () => stop.current(), []);
  const choose = (next: Link) => {
    stop.current();
    setSaid('');
    setLink(next);
    setProbeLink(gear.id, next);
  };
  const direct = link === 'server' ? undefined : directProbes[link];
  // Made-up readings have no place in a notebook of one's own.
  const ways = links.filter((way) => way !== 'standIn' || chosenHousehold() === 'demo');
  const tryIt = async () => {
    stop.current();
    try {
      const name = await direct?.choose();
      if (name === undefined) return setSaid('None was chosen.');
      setSaid(`Listening to ${name}…`);
      stop.current =
        direct?.listen(
          {
            onReading: (celsius) =>
              setSaid(`It shows ${words.temperature(celsius)}. The next roast hears it by itself.`),
            onOdd: () => setSaid('It says something, but no temperature: lines of numbers are wanted, one a second.'),
            onLost: () => setSaid('It does not answer. Is it plugged in, and does no other window hold it?'),
            onOpen: () => undefined,
          },
          unit,
        ) ?? (() => {});
    } catch (error) {
      setSaid(
        (error as Error).name === 'NotFoundError'
          ? 'None was chosen.'
          : `That did not work: ${(error as Error).message}`,
      );
    }
  };
  return (
    <section className="mt-6">
      <Segmented
        titled
        label="How this device hears the probe"
        value={link}
        options={ways.map((value) => ({ value, name: NAMES[value] }))}
        onChange={choose}
      />
      {direct && !direct.isHere && <p className="mt-2 max-w-2xl">{WHY_NOT[link as keyof typeof WHY_NOT]}</p>}
      {direct?.isHere && (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          <Button onClick={() => void tryIt()}>{link === 'standIn' ? 'Try it' : 'Choose and try it'}</Button>
          <span role="status">{said}</span>
        </p>
      )}
    </section>
  );
}
