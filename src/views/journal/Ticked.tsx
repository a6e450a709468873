import { Download, Tag, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { MOST_COMPARED } from '@/core/compare';
import { MOST_TAGS, TAG_LETTERS, withTags } from '@/core/roast';
import { capital, counted } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { removeRoasts, tagRoasts } from '@/store/roasting';
import { Button, LinkButton } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { saveNotebook } from '@/ui/saveNotebook';

interface TickedProps {
  readonly ticked: ReadonlySet<string>;
  readonly onUntick: () => void;
}

/** What can be done with the ticked roasts, at the lower edge while there are any. */
export function Ticked({ ticked, onUntick }: TickedProps) {
  const [tagging, setTagging] = useState<string>();
  const [asking, setAsking] = useState(false);
  if (ticked.size === 0) return null;
  const ids = [...ticked];
  const count = ids.length === 1 ? 'one roast' : `${ids.length} roasts`;
  const remove = async () => {
    setAsking(false);
    const change = await removeRoasts(database(), ids);
    notify({ text: `${capital(count)} deleted, with what was noted of them.`, undo: change });
    onUntick();
  };
  const save = async () => saveNotebook({ kind: 'roasts', ids }, counted(ids.length, 'roast'));
  const tag = async () => {
    const [word] = withTags([], [tagging ?? '']);
    setTagging(undefined);
    if (!word) return;
    const { change, full } = await tagRoasts(database(), ids, word);
    const tagged = full === 0 ? count : counted(ids.length - full, 'roast');
    const rest = full === 0 ? '' : ` ${capital(counted(full, 'other'))} had ${MOST_TAGS} tags already.`;
    notify({ text: `${capital(tagged)} tagged “${word}”.${rest}`, undo: change });
    onUntick();
  };
  return (
    <section
      aria-label="Ticked roasts"
      className="bg-chaff border-ink fixed inset-x-0 bottom-0 z-30 border-t-2 max-md:bottom-[calc(4.2rem+env(safe-area-inset-bottom))]"
    >
      <div className="mx-auto flex max-w-[1280px] flex-wrap items-center gap-x-3 gap-y-2 px-4 py-3 sm:px-9">
        <b className="mr-auto">{count} ticked</b>
        {ids.length >= 2 && ids.length <= MOST_COMPARED && (
          <LinkButton href={`/journal/compare/?ids=${ids.map(encodeURIComponent).join(',')}`} variant="next">
            Compare
          </LinkButton>
        )}
        {tagging === undefined ? (
          <Button onClick={() => setTagging('')}>
            <Tag className="mr-2 inline size-5" />
            Tag
          </Button>
        ) : (
          <form
            className="flex items-center gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              void tag();
            }}
          >
            <input
              // biome-ignore lint/a11y/noAutofocus: it was just asked for
              autoFocus
              aria-label="Tag for the ticked roasts"
              placeholder="a word"
              maxLength={TAG_LETTERS}
              className="border-ink min-h-11 w-32 border-b-2 bg-transparent"
              value={tagging}
              onChange={(event) => setTagging(event.target.value)}
              onKeyDown={(event) => event.key === 'Escape' && setTagging(undefined)}
            />
            <Button type="submit">Tag them</Button>
          </form>
        )}
        <Button onClick={() => void save()}>
          <Download className="mr-2 inline size-5" />
          Save as a file
        </Button>
        <Button onClick={() => setAsking(true)}>
          <Trash2 className="mr-2 inline size-5" />
          Delete
        </Button>
        <Button variant="quiet" onClick={onUntick}>
          Untick
        </Button>
      </div>
      <Dialog open={asking} onClose={() => setAsking(false)} title={`Delete ${count}?`}>
        <p className="mb-5">
          Their ribbons and notes go, and the green they took counts as unused again. You can undo it for a moment
          afterwards, and later from Files and settings.
        </p>
        <div className="flex flex-wrap gap-3">
          <Button variant="danger" onClick={() => void remove()}>
            Delete {ids.length === 1 ? 'it' : 'them'}
          </Button>
          <Button onClick={() => setAsking(false)}>Keep {ids.length === 1 ? 'it' : 'them'}</Button>
        </div>
      </Dialog>
      {ids.length > MOST_COMPARED && (
        <p className="text-husk mx-auto max-w-[1280px] px-4 pb-3 sm:px-9">Up to six roasts can be compared at once.</p>
      )}
    </section>
  );
}
