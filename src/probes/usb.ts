import { lineCutter, serialReading } from '@/core/exchange';
import type { DirectProbe } from './link.ts';

interface Port {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
  requestPort(): Promise<Port>;
  getPorts(): Promise<Port[]>;
}
const serial = () => (globalThis.navigator as unknown as { serial?: Serial } | undefined)?.serial;

/** What nearly every board that prints numbers speaks at. */
const BAUD = 115_200;
const AGAIN_MS = 2000;

/** A thermometer on a cable that prints lines of numbers. */
export const usb: DirectProbe = {
  get isHere() {
    return serial() !== undefined;
  },
  async choose() {
    return (await serial()?.requestPort()) ? 'a thermometer on USB' : undefined;
  },
  listen({ onReading, onOdd, onLost, onOpen }, unit) {
    let stopped = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let reader: ReadableStreamDefaultReader<Uint8Array> | undefined;
    const cut = lineCutter((line) => {
      const celsius = serialReading(line, unit);
      if (celsius === undefined) onOdd();
      else onReading(celsius);
    });
    const run = async () => {
      const [port] = (await serial()?.getPorts()) ?? [];
      try {
        await port?.open({ baudRate: BAUD });
        reader = port?.readable?.getReader();
        if (!reader) throw new Error('no port');
        onOpen();
        const text = new TextDecoder();
        for (let next = await reader.read(); !next.done; next = await reader.read())
          cut(text.decode(next.value, { stream: true }));
      } catch {
        // Pulled out, or held by another window: it is tried again as long as the roast goes on.
      }
      reader?.releaseLock();
      await port?.close().catch(() => {});
      if (stopped) return;
      onLost();
      timer = setTimeout(() => void run(), AGAIN_MS);
    };
    void run();
    return () => {
      stopped = true;
      clearTimeout(timer);
      void reader?.cancel().catch(() => {});
    };
  },
};
