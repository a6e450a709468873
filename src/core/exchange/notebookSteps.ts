/** A step from one version of the file to the next. It must not import today's types or helpers. */
export interface NotebookStep {
  readonly from: number;
  readonly name: string;
  readonly step: (file: Record<string, unknown>) => Record<string, unknown>;
}

/** Every step ever released, oldest first. Version 1 is the first, so there are none yet. */
export const notebookSteps: readonly NotebookStep[] = [];
