import type { Household } from '@/core/household';
import { database } from '@/store/current';
import { saveHousehold } from '@/store/settings';
import { Segmented } from '@/ui/Segmented';
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
        <Choice label="Weights in">
          <Segmented
            label="Weights in"
            value={household.weightUnit}
            options={[
              { value: 'g', name: 'grams' },
              { value: 'oz', name: 'ounces' },
            ]}
            onChange={(weightUnit) => save({ weightUnit })}
          />
        </Choice>
        <Choice label="Shades are called">
          <Segmented
            label="Shades are called"
            value={household.shadeNames}
            options={[
              { value: 'ours', name: 'light, medium, dark' },
              { value: 'traditional', name: 'city, full city, vienna' },
            ]}
            onChange={(shadeNames) => save({ shadeNames })}
          />
        </Choice>
        <Choice label="Temperatures in">
          <Segmented
            label="Temperatures in"
            value={household.temperatureUnit}
            options={[
              { value: 'C', name: '°C' },
              { value: 'F', name: '°F' },
            ]}
            onChange={(temperatureUnit) => save({ temperatureUnit })}
          />
        </Choice>
        <Choice label="Light">
          <Segmented
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
        </Choice>
      </div>
    </section>
  );
}

function Choice({ label, children }: { readonly label: string; readonly children: React.ReactNode }) {
  return (
    <div>
      <p className="text-husk mb-1 text-[0.95rem]">{label}</p>
      {children}
    </div>
  );
}
