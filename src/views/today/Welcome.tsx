import { useState } from 'react';
import { type Household, householdFromLocale } from '@/core/household';
import { chooseHousehold, database } from '@/store/current';
import { addGear, addLot } from '@/store/larder';
import { saveHousehold } from '@/store/settings';
import { Button } from '@/ui/Button';
import { enterDemo } from '@/ui/enterDemo';
import { GrowingRibbon } from './GrowingRibbon';
import { DrinkQuestion, GearQuestion, LotQuestion } from './questions';

type Step = 'choose' | 'gear' | 'use' | 'beans';

/** First run: what Gander is, then the demo household, or three questions with answers filled in; each can wait. */
export function Welcome({ onDone }: { readonly onDone: () => void }) {
  const [step, setShown] = useState<Step>('choose');
  const setStep = (next: Step) => {
    setShown(next);
    scrollTo(0, 0);
  };
  const [opening, setOpening] = useState(false);
  const begin = async () => {
    chooseHousehold('own');
    await saveHousehold(database(), householdFromLocale(navigator.language));
    setStep('gear');
  };
  const look = async () => {
    setOpening(true);
    await enterDemo();
    location.reload();
  };
  switch (step) {
    case 'choose':
      return (
        <section className="max-w-5xl py-8">
          <h1 className="text-[clamp(2rem,5vw,3.2rem)]">You watch the beans. Gander keeps the time.</h1>
          <p className="mt-3 max-w-[62ch] text-lg">
            For coffee roasted at home, on a popper, a pan, an oven or by hand. Each roast becomes a ribbon in your
            journal, so that the good one can be had again. Everything stays on this device.
          </p>
          <GrowingRibbon />
          <div className="mt-8 flex flex-wrap gap-4">
            <Button variant="next" size="large" onClick={() => void begin()}>
              Start my own notebook
            </Button>
            <Button size="large" disabled={opening} onClick={() => void look()}>
              {opening ? 'Opening…' : 'Look around a demo household'}
            </Button>
          </div>
        </section>
      );
    case 'gear':
      return (
        <Question number={1} title="What do you roast on?" onSkip={() => setStep('use')}>
          <GearQuestion
            onSave={async (facts) => {
              await addGear(database(), facts);
              setStep('use');
            }}
          />
        </Question>
      );
    case 'use':
      return (
        <Question number={2} title="How much coffee do you drink?" onSkip={() => setStep('beans')}>
          <DrinkQuestion
            onSave={async (facts: Partial<Household>) => {
              await saveHousehold(database(), facts);
              setStep('beans');
            }}
          />
        </Question>
      );
    case 'beans':
      return (
        <Question number={3} title="Which beans do you have?" onSkip={onDone}>
          <LotQuestion
            onSave={async (facts) => {
              await addLot(database(), facts);
              location.assign('/plan/');
            }}
          />
        </Question>
      );
  }
}

interface QuestionProps {
  readonly number: number;
  readonly title: string;
  readonly onSkip: () => void;
  readonly children: React.ReactNode;
}

function Question({ number, title, onSkip, children }: QuestionProps) {
  return (
    <section className="max-w-2xl py-8">
      <p className="text-husk">{number} of 3</p>
      <h1 className="mb-5 text-4xl">{title}</h1>
      {children}
      <div className="mt-6">
        <Button variant="quiet" onClick={onSkip}>
          Later
        </Button>
      </div>
    </section>
  );
}
