import { useState } from 'react';
import { weightUnits } from '@/core/units';
import { chooseHousehold, database } from '@/store/current';
import { addGear, addLot } from '@/store/larder';
import { saveHousehold } from '@/store/settings';
import { Button } from '@/ui/Button';
import { enterDemo } from '@/ui/enterDemo';
import { GearForm } from '@/ui/forms/GearForm';
import { LotForm } from '@/ui/forms/LotForm';

const unitNames = { g: 'Grams', oz: 'Ounces' } as const;
type Step = 'choose' | 'units' | 'gear' | 'beans';

/** First run: the demo household, or an empty larder and three questions, each of which can wait. */
export function Welcome({ onDone }: { readonly onDone: () => void }) {
  const [step, setStep] = useState<Step>('choose');
  const [opening, setOpening] = useState(false);
  const begin = () => {
    chooseHousehold('own');
    setStep('units');
  };
  const look = async () => {
    setOpening(true);
    await enterDemo();
    location.reload();
  };
  switch (step) {
    case 'choose':
      return (
        <section className="max-w-2xl py-10">
          <h1 className="text-[clamp(2rem,5vw,3.2rem)]">You watch the beans. Gander keeps the time.</h1>
          <p className="mt-4 text-lg">
            Mark yellow, first crack and the pull with one thumb; each roast becomes a ribbon in your journal, so that
            the good one can be had again. Everything stays on this device.
          </p>
          <div className="mt-8 flex flex-wrap gap-4">
            <Button variant="next" size="large" onClick={begin}>
              Start my own notebook
            </Button>
            <Button size="large" disabled={opening} onClick={() => void look()}>
              {opening ? 'Opening…' : 'Look around a demo household'}
            </Button>
          </div>
        </section>
      );
    case 'units':
      return (
        <Question number={1} title="What does your scale show?" onSkip={() => setStep('gear')}>
          <div className="flex gap-4">
            {weightUnits.map((weightUnit) => (
              <Button
                key={weightUnit}
                size="large"
                onClick={async () => {
                  await saveHousehold(database(), { weightUnit });
                  setStep('gear');
                }}
              >
                {unitNames[weightUnit]}
              </Button>
            ))}
          </div>
        </Question>
      );
    case 'gear':
      return (
        <Question number={2} title="What do you roast on?" onSkip={() => setStep('beans')}>
          <GearForm
            onSave={async (facts) => {
              await addGear(database(), facts);
              setStep('beans');
            }}
          />
        </Question>
      );
    case 'beans':
      return (
        <Question number={3} title="Which beans do you have?" onSkip={onDone}>
          <LotForm
            onSave={async (facts) => {
              await addLot(database(), facts);
              onDone();
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
    <section className="max-w-xl py-10">
      <p className="text-husk">{number} of 3</p>
      <h1 className="mb-6 text-4xl">{title}</h1>
      {children}
      <div className="mt-6">
        <Button variant="quiet" onClick={onSkip}>
          Later
        </Button>
      </div>
    </section>
  );
}
