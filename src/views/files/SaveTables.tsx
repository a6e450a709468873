import { useState } from 'react';
import { type TableKind, tableKinds } from '@/core/exchange';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import { Button } from '@/ui/Button';
import { saveBlob } from '@/ui/saveBlob';
import { writeTable } from '@/workers/keeper/client';

const NAMES = {
  roasts: 'Roasts',
  readings: 'Temperature readings',
  marks: 'Cracks and marks',
  cups: 'Cups',
} as const satisfies Record<TableKind, string>;

/** Tables for a spreadsheet, in the household's units. */
export function SaveTables() {
  const [busy, setBusy] = useState<TableKind>();
  const save = async (kind: TableKind) => {
    setBusy(kind);
    try {
      saveBlob(await writeTable(database().name, kind), `gander-${kind}-${localDay(Date.now())}.csv`);
    } finally {
      setBusy(undefined);
    }
  };
  return (
    <div className="mt-5">
      <p className="text-husk mb-1 text-[0.95rem]">Or one table of it, as CSV for a spreadsheet, in your units</p>
      <p className="-ml-4 flex flex-wrap sm:-ml-5">
        {tableKinds.map((kind) => (
          <Button key={kind} variant="quiet" disabled={busy !== undefined} onClick={() => void save(kind)}>
            {busy === kind ? 'Saving…' : NAMES[kind]}
          </Button>
        ))}
      </p>
    </div>
  );
}
