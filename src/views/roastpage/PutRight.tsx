import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { lotTitle } from '@/core/bean';
import { places } from '@/core/gear';
import { type Roast, windNames, winds } from '@/core/roast';
import { database } from '@/store/current';
import type { UnderWay } from '@/store/database';
import { notify } from '@/store/notices';
import { editRoast } from '@/store/roasting';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField } from '@/ui/Field';
import { beside } from '@/ui/forms/readDraft';
import { ShadeField } from '@/ui/forms/ShadeField';
import { Segmented } from '@/ui/Segmented';
import { Tick } from '@/ui/Tick';
import { useWords } from '@/ui/useHousehold';
import { changedFacts, draftOfFacts, type FactsDraft, readFacts } from './factsDraft';

interface PutRightProps {
  readonly roast: Roast;
  readonly lotName: string;
}

/** Every fact of a roast besides its log, to be put right at any time. */
export function PutRight({ roast, lotName }: PutRightProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Put the facts right</Button>
      <Dialog open={open} onClose={() => setOpen(false)} title="What was it really?">
        <Facts roast={roast} lotName={lotName} onDone={() => setOpen(false)} />
      </Dialog>
    </>
  );
}

interface FactsProps extends PutRightProps {
  readonly onDone: () => void;
}

function Facts({ roast, lotName, onDone }: FactsProps) {
  const words = useWords();
  const { register, handleSubmit, setError, formState, control } = useForm<FactsDraft>({
    defaultValues: draftOfFacts(roast, words),
  });
  const { errors } = formState;
  const known = useLiveQuery(async () => {
    const db = database();
    const [lots, gear, busy] = await Promise.all([db.lots.toArray(), db.gear.toArray(), db.underWay.toArray()]);
    return { lots, gear, busy };
  }, []);
  const keep = handleSubmit(async (draft) => {
    const facts = readFacts(draft, roast, words, beside(setError));
    if (known && isTaken(known.busy, roast, draft.gearId))
      return setError('gearId', { message: 'It is busy with another roast. End that one first.' });
    if (!facts) return;
    const changed = changedFacts(roast, facts);
    if (changed.length > 0)
      notify({
        text: `${lotName}, put right: ${changed.join(', ')}.`,
        undo: await editRoast(database(), roast.id, facts),
      });
    onDone();
  });

  return (
    <form className="space-y-4" noValidate onSubmit={keep}>
      <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
        {/* Told their value, since what there is to choose comes a moment after the form. */}
        <Controller
          control={control}
          name="lotId"
          render={({ field }) => (
            <SelectField label="Beans" {...field}>
              {known?.lots
                .filter((lot) => !lot.removedAt || lot.id === roast.lotId)
                .map((lot) => (
                  <option key={lot.id} value={lot.id}>
                    {lotTitle(lot)}
                  </option>
                ))}
              {known && !known.lots.some(({ id }) => id === roast.lotId) && (
                <option value={roast.lotId}>beans deleted since</option>
              )}
            </SelectField>
          )}
        />
        <Controller
          control={control}
          name="gearId"
          render={({ field }) => (
            <SelectField label="Gear" error={errors.gearId?.message} {...field}>
              {known?.gear
                .filter((each) => !each.removedAt || each.id === roast.gearId)
                .map(({ id, nickname }) => (
                  <option key={id} value={id}>
                    {nickname}
                  </option>
                ))}
              {known && !known.gear.some(({ id }) => id === roast.gearId) && (
                <option value={roast.gearId}>gear deleted since</option>
              )}
            </SelectField>
          )}
        />
        <TextField label="Green weight" error={errors.green?.message} autoComplete="off" {...register('green')} />
        <Controller
          control={control}
          name="shade"
          render={({ field }) => (
            <ShadeField label="Shade that was wanted" value={field.value} onShade={field.onChange} />
          )}
        />
        <TextField label="Day" type="date" error={errors.day?.message} {...register('day')} />
        <TextField label={roast.chargedAt ? 'Beans in at' : 'Set up at'} type="time" {...register('time')} />
        <TextField
          label="Air around the gear"
          unit={`°${words.temperatureUnit}`}
          placeholder="not noted"
          inputMode="text"
          error={errors.air?.message}
          {...register('air')}
        />
        <SelectField label="Wind" {...register('wind')}>
          <option value="">not noted</option>
          {winds.map((wind) => (
            <option key={wind} value={wind}>
              {windNames[wind]}
            </option>
          ))}
        </SelectField>
      </div>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
        <Controller
          control={control}
          name="place"
          render={({ field }) => (
            <Segmented
              label="Place"
              value={field.value}
              options={places.map((place) => ({ value: place, name: place }))}
              onChange={field.onChange}
            />
          )}
        />
        <Tick {...register('gearHot')}>The gear was still hot</Tick>
      </div>
      <p className="text-husk text-[0.95rem]">
        Green left, the shelf, what Gander expects and the figures all follow. What was marked keeps its place from
        Beans in.
      </p>
      <div className="flex gap-3">
        <Button type="submit" variant="next">
          Keep it so
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </form>
  );
}

/** Whether a roast that is on the heat would move to gear that another one has. */
function isTaken(busy: readonly UnderWay[], roast: Roast, gearId: string): boolean {
  const isOn = busy.some(({ roastId }) => roastId === roast.id);
  return isOn && busy.some((each) => each.gearId === gearId && each.roastId !== roast.id);
}
