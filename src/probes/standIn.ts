import type { DirectProbe } from './link.ts';

/** Cold beans pull the probe down to here, from where it climbs; °C, seconds. */
const [LOW_C, HIGH_C, SLOW_S, DIP_S] = [70, 240, 420, 30];

/** A thermometer that is none, to see how one would look: it falls as beans do and climbs. */
export const standIn: DirectProbe = {
  isHere: true,
  choose: async () => 'a thermometer that is only simulated',
  listen({ onReading, onOpen }) {
    const began = Date.now();
    onOpen();
    const timer = setInterval(() => {
      const s = (Date.now() - began) / 1000;
      const climb = HIGH_C - (HIGH_C - LOW_C) * Math.exp(-Math.max(0, s - DIP_S) / SLOW_S);
      const dip = Math.max(0, 1 - s / DIP_S);
      onReading(Math.round((climb + 90 * dip) * 10) / 10);
    }, 1000);
    return () => clearInterval(timer);
  },
};
