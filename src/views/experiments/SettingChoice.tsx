import { settingsOf } from '@/core/forecast';
import { type Control, controlsOf, type Gear, proposedValue, valuesOf, valueWords } from '@/core/gear';
import { liveEntries, milestonesOf, type Roast } from '@/core/roast';
import { Choice } from '@/ui/Choice';

/** A setting of the gear that is to be otherwise from yellow on. */
export interface SettingAsked {
  /** Everything that can be set on the gear. */
  readonly settings: readonly Control[];
  readonly setting: Control;
  /** How it stood in the roast, where somebody noted it. */
  readonly had: string | number | undefined;
  /** As `valuesOf` writes it. */
  readonly value: string;
}

/** The control and the value that are picked, else what is nearest to what the roast had; undefined for gear with nothing to set. */
export function settingAsked(
  { gear, roast }: { readonly gear: Gear | undefined; readonly roast: Roast },
  controlId: string,
  wanted: string,
): SettingAsked | undefined {
  const settings = controlsOf(gear).filter((control) => control.kind !== 'act');
  const setting = settings.find(({ id }) => id === controlId) ?? settings[0];
  if (!setting) return undefined;
  const had = hadIn(setting, roast);
  const value = valuesOf(setting).includes(wanted) ? wanted : (proposedValue(setting, had) ?? '');
  return { settings, setting, had, value };
}

/** What a control stood at as yellow came in a roast; undefined where nobody noted it. */
function hadIn(control: Control, roast: Roast): string | number | undefined {
  const live = liveEntries(roast.entries);
  const yellow = milestonesOf(live).yellow ?? Number.POSITIVE_INFINITY;
  return settingsOf(roast.plannedMoves, live).findLast((set) => set.control === control.id && set.at <= yellow)?.value;
}

interface SettingChoiceProps extends SettingAsked {
  readonly onControl: (id: string) => void;
  readonly onValue: (value: string) => void;
}

/** Which setting, and to what, inside the sentence. */
export function SettingChoice({ settings, setting, had, value, onControl, onValue }: SettingChoiceProps) {
  return (
    <>
      :{' '}
      <Choice
        label="Setting"
        value={setting.id}
        options={settings.map((control) => [control.id, control.label.toLowerCase()])}
        onPick={onControl}
      />{' '}
      {setting.kind === 'switch' ? '' : 'to '}
      <Choice
        label="To"
        value={value}
        options={valuesOf(setting).map((each) => [each, valueWords(setting, each)])}
        onPick={onValue}
      />{' '}
      from yellow on{had !== undefined && ` (${valueWords(setting, had)} in that roast)`}
    </>
  );
}
