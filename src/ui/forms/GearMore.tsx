import { type UseFormReturn, useWatch } from 'react-hook-form';
import { controlKeyNames, controlKeys, type Method, ventilationNames, ventilations } from '@/core/gear';
import { SelectField, TextField } from '../Field';
import { Tick } from '../Tick';
import { useHousehold } from '../useHousehold';
import type { GearDraft } from './gearDraft';

interface GearMoreProps {
  readonly form: UseFormReturn<GearDraft>;
  readonly method: Method;
}

/** What else the plan and the roast screen can use: what can be changed, limits, cooling, probe, place, power. */
export function GearMore({ form, method }: GearMoreProps) {
  const { currency, temperatureUnit } = useHousehold();
  const { register, formState, control } = form;
  const { errors } = formState;
  const [hasProbe, modified] = useWatch({ control, name: ['hasProbe', 'modified'] });
  const troubled =
    errors.largest ||
    errors.watts ||
    errors.price ||
    errors.coolDown ||
    errors.preheat ||
    errors.hotAt ||
    errors.probeName ||
    errors.reminders;
  return (
    <details className="border-line border-t" open={troubled ? true : undefined}>
      <summary className="flex min-h-11 items-center font-bold underline underline-offset-4">
        More about it: what you can change, limits, probe
      </summary>
      <div className="space-y-4 pt-2">
        <fieldset>
          <legend className="text-husk text-[0.95rem]">What you can change while it roasts</legend>
          <div className="grid gap-x-6 sm:grid-cols-2">
            {controlKeys.map((key) => (
              <Tick key={key} value={key} {...register('controls')}>
                {controlKeyNames[key]}
              </Tick>
            ))}
          </div>
          {errors.controls && (
            <p role="alert" className="text-danger text-[0.95rem]">
              {errors.controls.message}
            </p>
          )}
        </fieldset>
        <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
          <TextField
            label="Largest batch of green"
            autoComplete="off"
            hint="As rated; the plan asks before it goes above."
            error={errors.largest?.message}
            {...register('largest')}
          />
          <TextField
            label="Cools between batches for"
            unit="min"
            placeholder={String((method.coolDownMin.least + method.coolDownMin.most) / 2)}
            inputMode="decimal"
            autoComplete="off"
            error={errors.coolDown?.message}
            {...register('coolDown')}
          />
          <TextField
            label="Preheated for"
            unit="min"
            placeholder="0"
            inputMode="decimal"
            autoComplete="off"
            hint="0 for a cold start."
            error={errors.preheat?.message}
            {...register('preheat')}
          />
          <TextField
            label="Hot enough at"
            placeholder={temperatureUnit === 'F' ? '355 °F' : '180 °C'}
            autoComplete="off"
            hint="What its thermometer shows then."
            error={errors.hotAt?.message}
            {...register('hotAt')}
          />
          <TextField
            label="Hot enough when"
            placeholder="a drop of water dances"
            maxLength={80}
            autoComplete="off"
            {...register('hotSign')}
          />
          <TextField
            label="Power"
            unit="W"
            inputMode="numeric"
            autoComplete="off"
            hint="For the cost of a roast."
            error={errors.watts?.message}
            {...register('watts')}
          />
          <TextField
            label="What it cost"
            unit={currency}
            inputMode="decimal"
            autoComplete="off"
            hint="For when it has paid for itself."
            error={errors.price?.message}
            {...register('price')}
          />
          <SelectField label="Where you use it" {...register('place')}>
            <option value="">not said</option>
            <option value="indoors">indoors</option>
            <option value="outdoors">outdoors</option>
          </SelectField>
          <SelectField label="Smoke leaves by" {...register('ventilation')}>
            <option value="">not said</option>
            {ventilations.map((ventilation) => (
              <option key={ventilation} value={ventilation}>
                {ventilationNames[ventilation]}
              </option>
            ))}
          </SelectField>
          <TextField label="A note on it" maxLength={2000} autoComplete="off" {...register('note')} />
        </div>
        {method.onTrays && (
          <Tick {...register('trays')}>Two trays at once, one above the other: Gander calls the turns</Tick>
        )}
        <div>
          <label htmlFor="gear-reminders" className="text-husk block text-[0.95rem]">
            Remind me during a roast, a line each; “every 3:00” comes again and again
          </label>
          <textarea
            id="gear-reminders"
            rows={2}
            className="border-husk mt-1 block w-full border-2 bg-transparent p-2"
            placeholder={'8:00 turn the tray\nevery 3:30 press start, or it stops by itself'}
            {...register('reminders')}
          />
          {errors.reminders && (
            <p role="alert" className="text-danger">
              {errors.reminders.message}
            </p>
          )}
        </div>
        <Tick {...register('hasProbe')}>It has a thermometer</Tick>
        {hasProbe && (
          <div className="grid gap-x-6 gap-y-3 sm:grid-cols-[1fr_6rem_1fr]">
            <TextField
              label="Probe"
              placeholder="Thin probe"
              autoComplete="off"
              error={errors.probeName?.message}
              {...register('probeName')}
            />
            <SelectField label="Shows" {...register('probeUnit')}>
              <option value="C">°C</option>
              <option value="F">°F</option>
            </SelectField>
            <TextField
              label="Where it sits"
              placeholder="in the beans, left wall"
              autoComplete="off"
              hint="Its readings hold for this place only."
              {...register('probeWhere')}
            />
          </div>
        )}
        <Tick {...register('modified')}>It was rewired, opened or otherwise changed</Tick>
        {modified && (
          <p className="text-danger">
            A changed appliance may void its warranty and your insurance. Local electrical codes and a licensed
            electrician decide what is safe; own earthed socket, no extension lead, never unattended.
          </p>
        )}
      </div>
    </details>
  );
}
