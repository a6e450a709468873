import { useState } from 'react';
import { formatTable, type TableKind, tableKinds } from '@/core/exchange';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import { readContent } from '@/store/notebook';
import { getHousehold } from '@/store/settings';
import { Button } from '@/ui/Button';
import { saveBlob } from '@/ui/saveBlob';

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
      const db = database();
      const text = formatTable(kind, await readContent(db), await getHousehold(db));
      saveBlob(new Blob([text], { type: 'text/csv;charset=utf-8' }), `gander-${kind}-${localDay(Date.now())}.csv`);
    } finally {
      setBusy(undefined);
    }
  };
  return (
    <div className="mt-5">
      <p className="text-husk mb-1 text-[0.95rem]">Or one table of it, as CSV for a spreadsheet, in your units</p>
      <p className="flex flex-wrap sm:-ml-5">
        {tableKinds.map((kind) => (
          <Button key={kind} variant="quiet" disabled={busy !== undefined} onClick={() => void save(kind)}>
            {busy === kind ? 'Saving…' : NAMES[kind]}
          </Button>
        ))}
      </p>
    </div>
  );
}
