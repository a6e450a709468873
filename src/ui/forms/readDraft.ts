import type { FieldValues, Path, UseFormSetError } from 'react-hook-form';
import { failure, issueSentence, type Result, success } from '@/core/issues';
import { parseNumber } from '@/core/units';

/** Turns what was typed into a value, or says what is wrong with it. */
export type Reader<T> = (text: string) => Result<T>;

type Read<R extends Record<string, Reader<unknown>>> = {
  [Field in keyof R]: R[Field] extends Reader<infer T> ? T : never;
};

/**
 * Reads the typed fields of a form. Every field that cannot be read gets its message beside it, the first one the focus;
 * then the answer is undefined and nothing was thrown away.
 */
export function readDraft<R extends Record<string, Reader<unknown>>>(
  draft: { readonly [Field in keyof R]: string },
  readers: R,
  refuse: (field: keyof R & string, message: string, first: boolean) => void,
): Read<R> | undefined {
  let troubled = false;
  const values: Record<string, unknown> = {};
  for (const field of Object.keys(readers)) {
    const read = (readers[field] as Reader<unknown>)(draft[field] ?? '');
    if (read.ok) values[field] = read.value;
    else {
      refuse(field, read.issues.map(issueSentence).join(' '), !troubled);
      troubled = true;
    }
  }
  return troubled ? undefined : (values as Read<R>);
}

/** For `readDraft`: a message beside its field of a form, and the focus to the first of them. */
export function beside<Draft extends FieldValues>(setError: UseFormSetError<Draft>) {
  // Its fields are those of the readers, which the form has.
  return (field: string, message: string, first = false): void =>
    setError(field as Path<Draft>, { message }, { shouldFocus: first });
}

/** A line that cannot be empty. */
export function nameReader(expected: string): Reader<string> {
  return (text) => (text.trim() === '' ? failure({ code: 'empty', path: [], expected }) : success(text.trim()));
}

/** A field that may be left empty. */
export function optional<T>(reader: Reader<T>): Reader<T | undefined> {
  return (text) => (text.trim() === '' ? success(undefined) : reader(text));
}

/**
 * A field that was filled from a value finer than it shows, such as grams in hundredths of an ounce: left as it was
 * shown it stands for that value, and is not read anew.
 */
export function keptOr<T>(shown: string, value: T, reader: Reader<T>): Reader<T> {
  return (text) => (text.trim() === shown.trim() ? success(value) : reader(text));
}

/** A plain number between two ends, with the unit that may be typed behind it. */
export function numberReader(least: number, most: number, unit: string, example: string): Reader<number> {
  return (text) => {
    const bare = unit === '' ? text : text.replace(new RegExp(`\\s*${unit}\\s*$`, 'i'), '');
    const parsed = parseNumber(bare, example);
    if (!parsed.ok || (parsed.value >= least && parsed.value <= most)) return parsed;
    const withUnit = (value: number) => `${value}${unit === '' ? '' : ` ${unit}`}`;
    return failure({
      code: 'outOfRange',
      path: [],
      value: withUnit(parsed.value),
      least: withUnit(least),
      most: withUnit(most),
    });
  };
}

/** Free words; empty means nothing was said. */
export function textReader(mostLetters: number): Reader<string | undefined> {
  return (text) => success(text.trim() === '' ? undefined : text.trim().slice(0, mostLetters));
}

/** A day from a date field. */
export const dayReader: Reader<string> = (text) =>
  /^\d{4}-\d{2}-\d{2}$/.test(text)
    ? success(text)
    : failure({ code: 'empty', path: [], expected: 'a day such as 24 11 2026' });
