/** So many whole seconds of simulated beans, with the cracks in them. */
export interface SimulatedSound {
  readonly fromS: number;
  readonly toS: number;
  readonly cracks: readonly { readonly atS: number; readonly crack: 'first' | 'second' }[];
}

const hearers = new Set<(sound: SimulatedSound) => void>();

/** Hears simulated beans as their clock goes on; gives the way to stop. */
export function onSimulatedSound(hear: (sound: SimulatedSound) => void): () => void {
  hearers.add(hear);
  return () => hearers.delete(hear);
}

/** Lets simulated beans be heard. */
export function soundSimulated(sound: SimulatedSound): void {
  for (const hear of hearers) hear(sound);
}
