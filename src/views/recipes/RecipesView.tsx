import { useLiveQuery } from 'dexie-react-hooks';
import type { Recipe } from '@/core/recipe';
import { formatClock } from '@/core/units';
import { database } from '@/store/current';
import { allRecipes, roastsOfRecipe } from '@/store/recipes';
import { LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { JournalTabs } from '@/ui/JournalTabs';
import { useWords } from '@/ui/useHousehold';
import { recipeWords } from './recipeWords';

/** Good roasts that were kept as what to do. */
export function RecipesView() {
  return (
    <Island>
      <JournalTabs current="recipes" />
      <List />
    </Island>
  );
}

interface Row {
  readonly recipe: Recipe;
  readonly lotName: string;
  readonly gearName: string;
  readonly roasts: number;
}

function List() {
  const words = useWords();
  const rows = useLiveQuery(readRows, []);
  if (!rows) return <p className="text-husk py-10">Opening the recipes…</p>;
  if (rows.length === 0)
    return (
      <section className="max-w-xl py-10">
        <h1 className="text-4xl">No recipe is kept yet.</h1>
        <p className="mt-3 mb-6">
          When a roast was good, press “Keep as a recipe” on its page: the batch, the moves, the pull and the ribbon are
          kept, so that it can be roasted again.
        </p>
        <LinkButton href="/journal/" variant="next">
          To the journal
        </LinkButton>
      </section>
    );
  return (
    <section className="pt-8">
      <h1 className="text-4xl">{rows.length === 1 ? 'One recipe.' : `${rows.length} recipes.`}</h1>
      <ul className="divide-line border-ink mt-5 divide-y border-t-2">
        {rows.map(({ recipe, lotName, gearName, roasts }) => (
          <li key={recipe.id} className="flex flex-wrap items-center gap-x-8 gap-y-3 py-4">
            <a className="mr-auto max-w-2xl" href={`/journal/recipe/?id=${encodeURIComponent(recipe.id)}`}>
              <b className="text-xl underline-offset-4 hover:underline">{recipe.name}</b>
              <span className="text-husk block">{recipeWords(recipe, lotName, gearName, words)}</span>
            </a>
            <span className="text-husk">
              pulled at {formatClock(recipe.guide.pull)} ·{' '}
              {roasts === 0 ? 'not roasted yet' : roasts === 1 ? 'roasted once' : `roasted ${roasts} times`}
            </span>
            <LinkButton href={`/roast/?recipe=${encodeURIComponent(recipe.id)}`}>Roast it</LinkButton>
          </li>
        ))}
      </ul>
    </section>
  );
}

async function readRows(): Promise<Row[]> {
  const db = database();
  return Promise.all(
    (await allRecipes(db)).map(async (recipe) => {
      const [lot, gear, made] = await Promise.all([
        db.lots.get(recipe.lotId),
        db.gear.get(recipe.gearId),
        roastsOfRecipe(db, recipe),
      ]);
      return {
        recipe,
        lotName: lot?.name ?? 'beans deleted since',
        gearName: gear?.nickname ?? 'gear deleted since',
        roasts: made.length,
      };
    }),
  );
}
