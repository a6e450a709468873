import { useLiveQuery } from 'dexie-react-hooks';
import { BookmarkPlus } from 'lucide-react';
import { useState } from 'react';
import type { Roast } from '@/core/roast';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { keepRecipe } from '@/store/recipes';
import { Button, LinkButton } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';

/** Keeps a good roast as a recipe; where it is one already, the way there. */
export function KeepRecipe({ roast, lotName }: { readonly roast: Roast; readonly lotName: string }) {
  const [name, setName] = useState<string>();
  const kept = useLiveQuery(
    () =>
      database()
        .recipes.filter(({ fromRoastId }) => fromRoastId === roast.id)
        .first(),
    [roast.id],
  );
  if (kept)
    return (
      <LinkButton href={`/journal/recipe/?id=${encodeURIComponent(kept.id)}`}>
        <BookmarkPlus className="mr-2 size-5" /> The recipe “{kept.name}”
      </LinkButton>
    );
  const keep = async () => {
    const recipe = await keepRecipe(database(), roast, (name?.trim() || lotName).slice(0, 80));
    setName(undefined);
    notify({ text: `“${recipe.name}” is kept as a recipe.`, undo: [{ table: 'recipes', after: recipe }] });
  };
  return (
    <>
      <Button onClick={() => setName(lotName)}>
        <BookmarkPlus className="mr-2 inline size-5" />
        Keep as a recipe
      </Button>
      <Dialog open={name !== undefined} onClose={() => setName(undefined)} title="Keep it as a recipe">
        <form
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <p className="mb-4">
            The batch, the moves that were made, the pull and the ribbon are kept. Roasting it again shows how far ahead
            or behind you are.
          </p>
          <TextField
            label="Name of the recipe"
            value={name ?? ''}
            maxLength={80}
            onChange={(event) => setName(event.target.value)}
          />
          <div className="mt-5 flex gap-3">
            <Button type="submit" variant="next">
              Keep it
            </Button>
            <Button onClick={() => setName(undefined)}>Cancel</Button>
          </div>
        </form>
      </Dialog>
    </>
  );
}
