/** By which way a thermometer's readings reach the roast screen. The server's needs nothing here. */
export const links = ['server', 'usb', 'bluetooth', 'standIn'] as const;
export type Link = (typeof links)[number];

/** What a thermometer that is connected tells. */
interface ProbeEars {
  readonly onReading: (celsius: number) => void;
  /** A line that says no temperature. */
  readonly onOdd: () => void;
  readonly onLost: () => void;
  readonly onOpen: () => void;
}

/** A thermometer without the server. */
export interface DirectProbe {
  /** Whether this browser can do it at all. */
  readonly isHere: boolean;
  /** Asks the person which one; only from a press. Gives its name, or undefined where none was chosen. */
  choose(): Promise<string | undefined>;
  /** Listens to the one that was chosen. Gives the way to stop. */
  listen(ears: ProbeEars, unit: 'C' | 'F'): () => void;
}
