import type { Shared } from '@/core/exchange';
import type { Control } from '@/core/gear';
import { shadesOf } from '@/core/record';
import {
  isStreamed,
  liveEntries,
  milestonesOfRoast,
  ribbonOf,
  roastedGrams,
  shownLengthS,
  stretchesOf,
  stretchNames,
  wantedWords,
} from '@/core/roast';
import { lossPercent } from '@/core/shade';
import { capital, formatClock } from '@/core/units';
import type { NamedRoast } from '@/store/queries';
import { entryName } from '@/ui/entryWords';
import { shadeWords } from '@/ui/partWords';
import { ShareSheet } from '@/ui/ShareSheet';
import { useWords } from '@/ui/useHousehold';

interface ShareRoastProps {
  readonly named: NamedRoast;
  readonly fileName: string;
  readonly controls: readonly Control[];
  readonly onSave: () => void;
  readonly onClose: () => void;
}

/** This roast for somebody else. */
export function ShareRoast({ named, fileName, controls, onSave, onClose }: ShareRoastProps) {
  const words = useWords();
  return (
    <ShareSheet
      shared={sharedRoast(named, words, controls)}
      ribbon={ribbonOf(named.roast)}
      fileName={fileName}
      controls={controls}
      along={named.roast.looks && 'Its photos are in the file, without place and time; its sound is not.'}
      onSave={onSave}
      onClose={onClose}
    />
  );
}

type Words = ReturnType<typeof useWords>;

function sharedRoast({ roast, lotName, gearName }: NamedRoast, words: Words, controls: readonly Control[]): Shared {
  const roasted = roastedGrams(roast);
  const isLookedAt = shadesOf(roast).some(({ looked }) => looked);
  const stretches = stretchesOf(milestonesOfRoast(roast));
  return {
    title: `${lotName}, ${words.weight(roast.greenGrams)} in the ${gearName}`,
    facts: [
      ['Roasted', words.fullDate(roast.createdAt)],
      ['Wanted', wantedWords(roast, words.shade)],
      ['Turned out', isLookedAt ? shadeWords(roast, words.shade) : undefined],
      [
        'Roasted weight',
        roasted === undefined
          ? undefined
          : `${words.weight(roasted)}, ${lossPercent(roast.greenGrams, roasted).toFixed(1)} % lost`,
      ],
      ...stretches.map(
        ({ name, fromS, toS }) => [capital(stretchNames[name]), formatClock(shownLengthS({ fromS, toS }))] as const,
      ),
      ['Air', roast.ambientC === undefined ? undefined : words.temperature(roast.ambientC)],
    ],
    events: liveEntries(roast.entries)
      .filter((entry) => entry.kind !== 'crack' && (entry.kind !== 'reading' || !isStreamed(entry)))
      .map((entry) => [formatClock(entry.at), entryName(entry, words, controls)] as const),
    note: roast.note,
  };
}
