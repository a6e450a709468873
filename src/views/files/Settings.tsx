import { type Household, weekStarts } from '@/core/household';
import { database } from '@/store/current';
import { saveHousehold } from '@/store/settings';
import { Segmented } from '@/ui/Segmented';
import { Tick } from '@/ui/Tick';
import { applyTheme } from '@/ui/theme';
import { useHousehold } from '@/ui/useHousehold';

/** Units, names of shades, day and night. */
export function Settings() {
  const household = useHousehold();
  const save = (facts: Partial<Household>) => void saveHousehold(database(), facts);
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-2 text-2xl">How Gander speaks</h2>
      <div className="space-y-4">
        <Segmented
          titled
          label="Weights in"
          value={household.weightUnit}
          options={[
            { value: 'g', name: 'grams' },
            { value: 'oz', name: 'ounces' },
          ]}
          onChange={(weightUnit) => save({ weightUnit })}
        />
        <Segmented
          titled
          label="Shades are called"
          value={household.shadeNames}
          options={[
            { value: 'ours', name: 'light, medium, dark' },
            { value: 'traditional', name: 'city, full city, vienna' },
          ]}
          onChange={(shadeNames) => save({ shadeNames })}
        />
        <Segmented
          titled
          label="Temperatures in"
          value={household.temperatureUnit}
          options={[
            { value: 'C', name: '°C' },
            { value: 'F', name: '°F' },
          ]}
          onChange={(temperatureUnit) => save({ temperatureUnit })}
        />
        <Segmented
          titled
          label="Times of the day"
          value={household.hourClock}
          options={[
            { value: '24', name: '14:05' },
            { value: '12', name: '2:05 pm' },
          ]}
          onChange={(hourClock) => save({ hourClock })}
        />
        <Segmented
          titled
          label="A week begins on"
          value={String(household.weekStart)}
          options={[
            { value: '1', name: 'Monday' },
            { value: '0', name: 'Sunday' },
            { value: '6', name: 'Saturday' },
          ]}
          onChange={(day) => save({ weekStart: weekStarts.find((each) => String(each) === day) ?? 1 })}
        />
        <div>
          <p className="text-husk mb-1 text-[0.95rem]">At the heat it tells you by</p>
          <div className="flex flex-wrap gap-x-6">
            <Tick checked={household.cueTone} onChange={(event) => save({ cueTone: event.target.checked })}>
              a tone
            </Tick>
            <Tick checked={household.cueSpeech} onChange={(event) => save({ cueSpeech: event.target.checked })}>
              a spoken word
            </Tick>
            <Tick checked={household.cueVibration} onChange={(event) => save({ cueVibration: event.target.checked })}>
              a buzz{'vibrate' in navigator ? '' : ' (not in this browser)'}
            </Tick>
            <Tick checked={household.cueText} onChange={(event) => save({ cueText: event.target.checked })}>
              large words
            </Tick>
          </div>
        </div>
        <Segmented
          titled
          label="It asks for a reading"
          value={String(household.readingEveryS)}
          options={[
            { value: '0', name: 'never' },
            { value: '15', name: 'every 15 s' },
            { value: '30', name: 'every 30 s' },
            { value: '60', name: 'every minute' },
          ]}
          onChange={(every) => save({ readingEveryS: Number(every) })}
        />
        <Segmented
          titled
          label="Light"
          value={household.theme}
          options={[
            { value: 'system', name: 'as the device' },
            { value: 'day', name: 'day' },
            { value: 'night', name: 'night, for a dark porch' },
          ]}
          onChange={(theme) => {
            applyTheme(theme);
            save({ theme });
          }}
        />
      </div>
    </section>
  );
}
