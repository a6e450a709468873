import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { lotTitle } from '@/core/bean';
import type { Notebook } from '@/core/exchange';
import { likestGear, likestLot, type Recipe, type WhatToDo, whatToDo } from '@/core/recipe';
import { milestonesOfRoast } from '@/core/roast';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { keepTheirs } from '@/store/recipes';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { OwnFirst } from './OwnFirst';
import { TheirRoast } from './TheirRoast';

interface TheirsProps {
  readonly notebook: Notebook;
  readonly onDone: () => void;
}

/** What somebody else gave: to look at, and to keep as theirs. Their beans, jars and prices never become yours. */
export function Theirs({ notebook, onDone }: TheirsProps) {
  const mine = useLiveQuery(async () => {
    const { lots: allLots, gear: allGear, recipes: allRecipes } = database();
    const [lots, gear, recipes] = await Promise.all([
      allLots.toArray(),
      allGear.toArray(),
      allRecipes.toCollection().primaryKeys(),
    ]);
    return {
      lots: lots.filter((lot) => !lot.removedAt),
      gear: gear.filter((each) => !each.removedAt),
      recipes: new Set<string>(recipes),
    };
  }, []);
  const [by, setBy] = useState('');
  const [lotId, setLotId] = useState<string>();
  const [gearId, setGearId] = useState<string>();
  const [error, setError] = useState<string>();
  /** What became of theirs that was kept, for which beans and gear: the recipe's id, which may have been taken back since. */
  const [kept, setKept] = useState<ReadonlyMap<string, string>>(new Map());
  if (!mine) return null;
  const nameOf = (recipe: Pick<Recipe, 'lotId' | 'gearId'>) => ({
    lot: notebook.lots.find(({ id }) => id === recipe.lotId),
    gear: notebook.gear.find(({ id }) => id === recipe.gearId),
  });
  const myLot = mine.lots.find(({ id }) => id === lotId) ?? likestLot(mine.lots, notebook.lots) ?? mine.lots[0];
  const myGear = mine.gear.find(({ id }) => id === gearId) ?? likestGear(mine.gear, notebook.gear) ?? mine.gear[0];
  const keepable = myLot !== undefined && myGear !== undefined;
  const keyOf = (id: string) => [id, myLot?.id, myGear?.id].join(' ');
  const keptAs = (id: string) => {
    const recipeId = kept.get(keyOf(id));
    return recipeId !== undefined && mine.recipes.has(recipeId) ? recipeId : undefined;
  };
  const keep = async (id: string, recipe: WhatToDo, name: string) => {
    const { lot, gear } = nameOf(recipe);
    if (!keepable) return;
    if (by.trim() === '') return setError('Write whose it is, so that it stays theirs.');
    setError(undefined);
    const whence = `Their beans: ${lot ? lotTitle(lot) : 'not said'}; their gear: ${gear?.nickname ?? 'not said'}.`;
    const note = [whence, recipe.note].filter(Boolean).join(' ').slice(0, 1000);
    const change = await keepTheirs(database(), recipe, name, {
      lotId: myLot.id,
      gearId: myGear.id,
      by: by.trim(),
      note,
    });
    const recipeId = change[0]?.after?.id;
    if (recipeId !== undefined) setKept(new Map(kept).set(keyOf(id), recipeId));
    notify({ text: `“${name}” is kept among your recipes, as ${by.trim()}’s.`, undo: change });
  };
  const pulled = notebook.roasts.filter((roast) => milestonesOfRoast(roast).pull !== undefined);
  return (
    <div className="mt-4 space-y-5">
      {keepable ? (
        <>
          <p>
            Look at it here. What you keep becomes a recipe of theirs, reckoned for your own gear; their beans, jars,
            cups and prices stay out of your notebook.
          </p>
          <TextField
            label="Whose it is"
            maxLength={60}
            value={by}
            error={error}
            onChange={(event) => setBy(event.target.value)}
          />
          <div className="grid gap-4 sm:grid-cols-2">
            <SelectField label="With your beans" value={myLot.id} onChange={(event) => setLotId(event.target.value)}>
              {mine.lots.map((lot) => (
                <option key={lot.id} value={lot.id}>
                  {lotTitle(lot)}
                </option>
              ))}
            </SelectField>
            <SelectField label="In your gear" value={myGear.id} onChange={(event) => setGearId(event.target.value)}>
              {mine.gear.map((gear) => (
                <option key={gear.id} value={gear.id}>
                  {gear.nickname}
                </option>
              ))}
            </SelectField>
          </div>
        </>
      ) : (
        <OwnFirst beans={!myLot} gear={!myGear} />
      )}
      {pulled.length + notebook.recipes.length === 0 && (
        <p className="text-husk">None of its roasts came to a pull, so there is nothing to roast by.</p>
      )}
      <ul className="space-y-6">
        {pulled.map((roast) => {
          const { lot, gear } = nameOf(roast);
          const name = lot ? lot.name : 'A roast';
          return (
            <TheirRoast
              key={roast.id}
              title={`${lot ? lotTitle(lot) : 'Beans'} in the ${gear?.nickname ?? 'gear'}`}
              roast={roast}
              keptAs={keptAs(roast.id)}
              onKeep={keepable ? () => void keep(roast.id, whatToDo(roast), name) : undefined}
            />
          );
        })}
        {notebook.recipes.map((recipe) => (
          <TheirRoast
            key={recipe.id}
            title={`The recipe “${recipe.name}”`}
            roast={{ guide: recipe.guide, wantedShade: recipe.shade, greenGrams: recipe.greenGrams, entries: [] }}
            keptAs={keptAs(recipe.id)}
            onKeep={keepable ? () => void keep(recipe.id, whatOf(recipe), recipe.name) : undefined}
          />
        ))}
      </ul>
      <Button onClick={onDone}>Done with it</Button>
    </div>
  );
}

/** A recipe without what it is called and when it was kept, there. */
const whatOf = ({ id: _, name: __, createdAt: ___, ...what }: Recipe): WhatToDo => what;
