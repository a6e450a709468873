export type Rulebook = typeof import('./rulebook.ts');

let rulebook: Promise<Rulebook> | undefined;

/**
 * What a change is held against before it is written. Apart from what reads, since it brings the file's schemas along; a page
 * fetches it once it stands, so that nothing waits for it, and nothing is lost, when somebody presses.
 */
export function rules(): Promise<Rulebook> {
  rulebook ??= import('./rulebook.ts').catch((error: unknown) => {
    // The next change tries again.
    rulebook = undefined;
    throw error;
  });
  return rulebook;
}
