import { useLiveQuery } from 'dexie-react-hooks';
import { Download, Share2, Trash2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Lot } from '@/core/bean';
import { figuresOf } from '@/core/compare';
import type { Gear } from '@/core/gear';
import { closenessTo, paceParts, type Recipe } from '@/core/recipe';
import { milestoneNames } from '@/core/roast';
import { capital } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { getNamedRoast, type NamedRoast } from '@/store/queries';
import { removeRecipe, roastsOfRecipe } from '@/store/recipes';
import { Alike } from '@/ui/Alike';
import { Button, LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { JournalTabs } from '@/ui/JournalTabs';
import { NotHere } from '@/ui/NotHere';
import { LineUpChoice } from '@/ui/rows/LineUpChoice';
import type { LineUp } from '@/ui/rows/lineUp';
import { RibbonRows } from '@/ui/rows/RibbonRows';
import { saveNotebook } from '@/ui/saveNotebook';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { EditRecipe } from './EditRecipe';
import { recipeSteps } from './recipeSteps';
import { recipeWords } from './recipeWords';
import { Scaled } from './Scaled';

interface Found {
  readonly recipe: Recipe;
  readonly lot: Lot | undefined;
  readonly gear: Gear | undefined;
  /** The roast it came from and those made by it, oldest first. */
  readonly roasts: readonly NamedRoast[];
}

/** One recipe: what to do, the ribbon to follow, how close its roasts came, and the same for another batch or gear. */
export function RecipeView() {
  return (
    <Island>
      <JournalTabs current="recipes" />
      <Gathered />
    </Island>
  );
}

function Gathered() {
  const id = new URLSearchParams(location.search).get('id') ?? '';
  const found = useLiveQuery(async () => ({ one: await readRecipe(id) }), [id]);
  if (!found) return <p className="text-husk py-10">Opening the recipe…</p>;
  if (!found.one)
    return (
      <NotHere what="recipe" href="/journal/recipes/">
        To the recipes
      </NotHere>
    );
  return <OneRecipe {...found.one} />;
}

const ShareRecipe = lazy(() => import('./ShareRecipe').then((module) => ({ default: module.ShareRecipe })));

async function readRecipe(id: string): Promise<Found | undefined> {
  const db = database();
  const recipe = await db.recipes.get(id);
  if (!recipe) return undefined;
  const [lot, gear, roasts] = await Promise.all([
    db.lots.get(recipe.lotId),
    db.gear.get(recipe.gearId),
    roastsOfRecipe(db, recipe),
  ]);
  const named = await Promise.all(roasts.map((roast) => getNamedRoast(db, roast.id)));
  return { recipe, lot, gear, roasts: named.filter((each) => each !== undefined) };
}

function OneRecipe({ recipe, lot, gear, roasts }: Found) {
  const dates = useRoastDates();
  const words = useWords();
  const [lineUp, setLineUp] = useState<LineUp>('charge');
  const [editing, setEditing] = useState(false);
  const [sharing, setSharing] = useState(false);
  const save = async () => saveNotebook({ kind: 'recipe', id: recipe.id }, `recipe-${recipe.name}`);
  const remove = async () => {
    const change = await removeRecipe(database(), recipe);
    notify({ text: `The recipe “${recipe.name}” is deleted; its roasts stay.`, undo: change });
    location.assign('/journal/recipes/');
  };
  return (
    <article className="pt-8">
      <h1 className="text-[clamp(1.8rem,4vw,2.6rem)]">{recipe.name}</h1>
      <p className="mt-2 text-lg">
        {recipeWords(recipe, lot?.name ?? 'beans deleted since', gear?.nickname ?? 'gear deleted since', words)}.
        {recipe.by && ` It is ${recipe.by}’s.`}
      </p>
      {recipe.note && <p className="text-husk mt-1">{recipe.note}</p>}
      <div className="mt-5 flex flex-wrap gap-3">
        <LinkButton href={`/roast/?recipe=${encodeURIComponent(recipe.id)}`} variant="next" size="large">
          Roast it
        </LinkButton>
        <Button onClick={() => setEditing(!editing)}>Change it</Button>
        <Button onClick={() => void save()}>
          <Download className="mr-2 inline size-5" />
          Save as a file
        </Button>
        <Button onClick={() => setSharing(true)}>
          <Share2 className="mr-2 inline size-5" />
          For somebody else
        </Button>
        <Button onClick={() => void remove()}>
          <Trash2 className="mr-2 inline size-5" />
          Delete
        </Button>
      </div>
      {sharing && (
        <Suspense>
          <ShareRecipe
            recipe={recipe}
            lot={lot}
            gear={gear}
            onSave={() => void save()}
            onClose={() => setSharing(false)}
          />
        </Suspense>
      )}
      {editing && (
        <div className="mt-6">
          <EditRecipe recipe={recipe} gear={gear} onDone={() => setEditing(false)} />
        </div>
      )}
      <div className="mt-8 grid gap-x-12 gap-y-8 lg:grid-cols-2">
        <section className="border-ink border-t-2 pt-3">
          <h2 className="mb-2 text-2xl">What to do</h2>
          <Steps recipe={recipe} gear={gear} />
        </section>
        <Scaled recipe={recipe} gear={gear} />
      </div>
      <section className="border-ink mt-8 border-t-2 pt-4">
        <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
          <h2 className="mr-4 text-2xl">How close they came</h2>
          {roasts.length > 0 && <LineUpChoice value={lineUp} onChange={setLineUp} />}
        </div>
        {roasts.length === 0 ? (
          <p className="text-husk">
            {recipe.by
              ? `Nothing was roasted by it yet; the roast it came from stays with ${recipe.by}.`
              : 'The roast it came from was deleted, and nothing was roasted by it yet.'}
          </p>
        ) : (
          <>
            <ul className="mb-3 space-y-1">
              {roasts.map(({ roast }) => (
                <li key={roast.id}>
                  <b>{dates.date(roast.createdAt)}</b>: {closeWords(recipe, roast)}
                </li>
              ))}
            </ul>
            <RibbonRows rows={roasts} lineUp={lineUp} />
          </>
        )}
      </section>
      {roasts.length >= 3 && (
        <section className="border-ink mt-8 border-t-2 pt-4">
          <h2 className="mb-3 text-2xl">How alike they are</h2>
          <Alike figures={roasts.map(({ roast }) => figuresOf(roast, []))} />
        </section>
      )}
    </article>
  );
}

/** Moves and milestones in the order in which they come. */
function Steps({ recipe, gear }: { readonly recipe: Recipe; readonly gear: Gear | undefined }) {
  const steps = recipeSteps(recipe, gear);
  return (
    <ol className="divide-line divide-y">
      {steps.map(({ clock, says, move }) => (
        <li key={`${clock} ${says}`} className="flex gap-4 py-2">
          <span className="num w-[5ch] text-right">{clock}</span>
          <span className={move ? 'font-bold' : ''}>{capital(says)}</span>
        </li>
      ))}
    </ol>
  );
}

/** "very close: 3 s behind at first crack, loss 0.4 points higher". */
function closeWords(recipe: Recipe, roast: NamedRoast['roast']): string {
  if (roast.id === recipe.fromRoastId) return 'the roast it was made from.';
  const close = closenessTo(recipe, roast);
  if (!close) return 'nothing was marked that the recipe has.';
  const told = close.pace.filter(({ milestone }) => milestone === 'firstCrack' || milestone === 'pull');
  const parts = paceParts(told, (milestone) => milestoneNames[milestone]);
  const loss =
    close.lossBy === undefined || Math.abs(close.lossBy) < 0.3
      ? []
      : [`loss ${Math.abs(close.lossBy).toFixed(1)} points ${close.lossBy > 0 ? 'higher' : 'lower'}`];
  const shade =
    close.shadeBy === undefined || close.shadeBy === 0
      ? []
      : [close.shadeBy > 0 ? 'came out darker' : 'came out lighter'];
  return `${close.words}${parts.length > 0 ? `; ${[...parts, ...loss, ...shade].join(', ')}` : ''}.`;
}
