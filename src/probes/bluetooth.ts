import { bluetoothReading, THERMOMETER_SERVICE, THERMOMETER_VALUE } from '@/core/exchange';
import type { DirectProbe } from './link.ts';

interface Value extends EventTarget {
  readonly value?: DataView;
  startNotifications(): Promise<unknown>;
}
interface Device extends EventTarget {
  readonly name?: string;
  readonly gatt?: {
    connect(): Promise<{ getPrimaryService(id: number): Promise<{ getCharacteristic(id: number): Promise<Value> }> }>;
    disconnect(): void;
  };
}
interface Bluetooth {
  requestDevice(options: { filters: { services: number[] }[] }): Promise<Device>;
  getDevices?(): Promise<Device[]>;
}
const bluetooth = () => (globalThis.navigator as unknown as { bluetooth?: Bluetooth } | undefined)?.bluetooth;

const AGAIN_MS = 2000;
/** Where the browser does not remember devices, the one chosen on this page. */
let chosen: Device | undefined;

/** A thermometer that speaks the standard Bluetooth service. */
export const bluetoothThermometer: DirectProbe = {
  get isHere() {
    return bluetooth() !== undefined;
  },
  async choose() {
    chosen = await bluetooth()?.requestDevice({ filters: [{ services: [THERMOMETER_SERVICE] }] });
    return chosen && (chosen.name ?? 'a Bluetooth thermometer');
  },
  listen({ onReading, onOdd, onLost, onOpen }) {
    let stopped = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let device: Device | undefined;
    const again = () => {
      if (stopped) return;
      onLost();
      timer = setTimeout(() => void run(), AGAIN_MS);
    };
    const run = async () => {
      try {
        device = chosen ?? (await bluetooth()?.getDevices?.())?.[0];
        const server = await device?.gatt?.connect();
        const service = await server?.getPrimaryService(THERMOMETER_SERVICE);
        const value = await service?.getCharacteristic(THERMOMETER_VALUE);
        if (!value || !device) throw new Error('no thermometer');
        value.addEventListener('characteristicvaluechanged', () => {
          const celsius = value.value && bluetoothReading(value.value);
          if (celsius === undefined) onOdd();
          else onReading(celsius);
        });
        device.addEventListener('gattserverdisconnected', again, { once: true });
        await value.startNotifications();
        onOpen();
      } catch {
        // Out of reach: it is tried again as long as the roast goes on.
        again();
      }
    };
    void run();
    return () => {
      stopped = true;
      clearTimeout(timer);
      device?.gatt?.disconnect();
    };
  },
};
