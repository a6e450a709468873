import { expose } from 'comlink';
import { caseOf, diagnose, type FindingId, findingNames, interviewFor } from '@/core/diagnose';
import { JournalIndex, type JournalRow, journalSpans } from '@/core/journal';
import { GanderDatabase } from '@/store/database';
import { journalRows } from '@/store/journalRows';
import { caseFactsIn, caseFactsOf, type LearningData, learningData } from '@/store/learning';
import type { JournalContract } from './contract';

/** Looked at in one go: short enough that a key typed meanwhile is answered in time. */
const SLICE_MS = 25;

let db: GanderDatabase | undefined;
let rows: readonly JournalRow[] = [];
let index = new JournalIndex([]);
const findings = new Map<string, readonly FindingId[]>();
let learning: LearningData | undefined;
let next = 0;

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

const newIndex = () =>
  new JournalIndex(
    rows,
    (id) => findings.get(id) ?? [],
    (id) => findingNames[id as FindingId],
  );

const journal: JournalContract = {
  async load(name) {
    rows = await journalRows(open(name));
    findings.clear();
    learning = undefined;
    next = 0;
    index = newIndex();
    const days = new Map<string, number>();
    for (const { createdAt } of rows) days.set(createdAt.slice(0, 10), (days.get(createdAt.slice(0, 10)) ?? 0) + 1);
    return {
      tags: [...new Set(rows.flatMap(({ tags }) => tags))].sort(),
      days: [...days].map(([day, roasts]) => ({ day, roasts })),
      spans: journalSpans(rows),
    };
  },
  ask: (query, sorting) => index.ask(query, sorting),
  async readOn() {
    if (!db) return { done: 0, total: 0, found: [] };
    learning ??= await learningData(db);
    const { roasts } = learning;
    const startMs = performance.now();
    for (; next < roasts.length && performance.now() - startMs < SLICE_MS; next++) {
      const roast = roasts[next];
      if (roast)
        findings.set(
          roast.id,
          diagnose(caseOf(caseFactsIn(learning, next))).findings.map(({ id }) => id),
        );
    }
    if (next >= roasts.length) index = newIndex();
    const counts = new Map<FindingId, number>();
    for (const id of [...findings.values()].flat()) counts.set(id, (counts.get(id) ?? 0) + 1);
    return { done: next, total: roasts.length, found: [...counts].map(([id, count]) => ({ id, roasts: count })) };
  },
  async read(name, roastId) {
    const facts = await caseFactsOf(open(name), roastId);
    if (!facts) return undefined;
    const its = caseOf(facts);
    return { diagnosis: diagnose(its), questions: interviewFor(its), complaints: [...its.complaints.keys()] };
  },
};
expose(journal);
