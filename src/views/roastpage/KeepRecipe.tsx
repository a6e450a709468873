import { useLiveQuery } from 'dexie-react-hooks';
import { BookmarkPlus } from 'lucide-react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { Roast } from '@/core/roast';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { keepRecipe } from '@/store/recipes';
import { Button, LinkButton } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';

/** Keeps a good roast as a recipe; where it is one already, the way there. */
export function KeepRecipe({ roast, lotName }: { readonly roast: Roast; readonly lotName: string }) {
  const [open, setOpen] = useState(false);
  const { register, handleSubmit, reset } = useForm({ defaultValues: { name: lotName } });
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
  const keep = handleSubmit(async ({ name }) => {
    const recipe = await keepRecipe(database(), roast, (name.trim() || lotName).slice(0, 80));
    setOpen(false);
    notify({ text: `“${recipe.name}” is kept as a recipe.`, undo: [{ table: 'recipes', after: recipe }] });
  });
  return (
    <>
      <Button
        onClick={() => {
          reset({ name: lotName });
          setOpen(true);
        }}
      >
        <BookmarkPlus className="mr-2 inline size-5" />
        Keep as a recipe
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title="Keep it as a recipe">
        <form onSubmit={keep}>
          <p className="mb-4">
            The batch, the moves that were made, the pull and the ribbon are kept. Roasting it again shows how far ahead
            or behind you are.
          </p>
          <TextField label="Name of the recipe" maxLength={80} {...register('name')} />
          <div className="mt-5 flex gap-3">
            <Button type="submit" variant="next">
              Keep it
            </Button>
            <Button onClick={() => setOpen(false)}>Cancel</Button>
          </div>
        </form>
      </Dialog>
    </>
  );
}
