import type { Brew } from '@/core/taste';
import { parseWeight, type WeightUnit, weightFieldText } from '@/core/units';
import { numberReader, optional, readDraft } from '@/ui/forms/readDraft';

const DOSE = { leastGrams: 1, mostGrams: 1000 };

/** How a cup was brewed, as it is typed. */
export interface BrewDraft {
  readonly how: Brew['how'];
  readonly dose: string;
  readonly waterMl: string;
}

export const plainBrew: BrewDraft = { how: 'immersion', dose: '', waterMl: '' };

/** What a cup was brewed with, as it would be typed. */
export function draftOfBrew({ how, grams, waterMl }: Brew, unit: WeightUnit): BrewDraft {
  return {
    how,
    dose: grams === undefined ? '' : weightFieldText(grams, unit),
    waterMl: waterMl === undefined ? '' : String(waterMl),
  };
}

/** Reads what was typed; says what is wrong with it where it cannot be read, and gives nothing then. */
export function readBrew(draft: BrewDraft, unit: WeightUnit, refuse: (message: string) => void): Brew | undefined {
  const readers = {
    dose: optional((text) => parseWeight(text, unit, { range: DOSE })),
    waterMl: optional(numberReader(10, 10_000, 'ml', '200')),
  };
  const read = readDraft({ dose: draft.dose, waterMl: draft.waterMl }, readers, (field, message, first) => {
    if (first) refuse(`${field === 'dose' ? 'The coffee' : 'The water'}: ${message}`);
  });
  return (
    read && {
      how: draft.how,
      ...(read.dose === undefined ? {} : { grams: Math.round(read.dose * 10) / 10 }),
      ...(read.waterMl === undefined ? {} : { waterMl: Math.round(read.waterMl) }),
    }
  );
}
