import type { AskedAmount } from '@/core/experiment';
import { Choice } from '@/ui/Choice';

interface AmountProps {
  readonly amount: AskedAmount;
  readonly onAmount: (amount: AskedAmount) => void;
  readonly label: string;
  readonly unit: string;
  readonly ways: Readonly<Record<AskedAmount['way'], string>>;
}

/** How much of it, and which way, inside the sentence. */
export function Amount({ amount, onAmount, label, unit, ways }: AmountProps) {
  return (
    <>
      <span className="whitespace-nowrap">
        <input
          aria-label={label}
          inputMode="decimal"
          className="choice w-[5ch] text-center"
          value={amount.text}
          onChange={(event) => onAmount({ ...amount, text: event.target.value })}
        />{' '}
        {unit}
      </span>{' '}
      <Choice
        label="Which way"
        value={amount.way}
        options={[
          ['more', ways.more],
          ['less', ways.less],
        ]}
        onPick={(way) => onAmount({ ...amount, way })}
      />
    </>
  );
}
