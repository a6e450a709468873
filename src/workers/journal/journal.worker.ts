import { expose } from 'comlink';
import { caseOf, diagnose, interviewFor } from '@/core/diagnose';
import { journalSpans } from '@/core/journal';
import { localDay } from '@/core/units';
import { GanderDatabase } from '@/store/database';
import { journalRows } from '@/store/journalRows';
import { caseFactsIn, caseFactsOf, type LearningData, learningData } from '@/store/learning';
import type { FindingsSlice, JournalContract } from './contract';

/** Looked at in one go: short enough that another roast that is asked for does not wait. */
const SLICE_MS = 25;

let db: GanderDatabase | undefined;
let learning: LearningData | undefined;

function open(name: string): GanderDatabase {
  if (db?.name !== name) {
    db?.close();
    db = new GanderDatabase(name);
    const opened = db;
    // A later Gander wants to change the tables: let it.
    opened.on('versionchange', () => opened.close());
  }
  return db;
}

const journal: JournalContract = {
  async load(name) {
    const rows = await journalRows(open(name));
    learning = undefined;
    const days = new Map<string, number>();
    for (const { createdAt } of rows) {
      const day = localDay(createdAt);
      days.set(day, (days.get(day) ?? 0) + 1);
    }
    return {
      rows,
      tags: [...new Set(rows.flatMap(({ tags }) => tags))].sort(),
      days: [...days].map(([day, roasts]) => ({ day, roasts })),
      spans: journalSpans(rows),
    };
  },
  async readOn(name, from) {
    learning ??= await learningData(open(name));
    const { roasts } = learning;
    const found: FindingsSlice['found'][number][] = [];
    const startMs = performance.now();
    for (let index = from; index < roasts.length && performance.now() - startMs < SLICE_MS; index++) {
      const { findings } = diagnose(caseOf(caseFactsIn(learning, index)));
      found.push([roasts[index]?.id as string, findings.map(({ id }) => id)]);
    }
    return { next: from + found.length, total: roasts.length, found };
  },
  async read(name, roastId) {
    const facts = await caseFactsOf(open(name), roastId);
    if (!facts) return undefined;
    const evidence = caseOf(facts);
    return {
      diagnosis: diagnose(evidence),
      questions: interviewFor(evidence),
      complaints: [...evidence.complaints.keys()],
      ownRoasts: evidence.ownRoasts,
    };
  },
};
expose(journal);
