import { useState } from 'react';
import { type Complaint, complaintNames, type InterviewQuestion } from '@/core/diagnose';
import { biteNames, bites, evennesses, evennessNames, milestonesOfRoast, type Roast, spotAmounts } from '@/core/roast';
import { logEntry } from '@/store/atTheHeat';
import type { Change } from '@/store/changes';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { editRoast } from '@/store/roasting';
import { addCup } from '@/store/tasting';
import { Button } from '@/ui/Button';
import { Segmented } from '@/ui/Segmented';

interface InterviewProps {
  readonly roast: Roast;
  readonly questions: readonly InterviewQuestion[];
  readonly onDone: () => void;
}

/** The word of the tasting sheet that each answer is kept as. */
const wordOf = { tart: 'tart', bitter: 'bitter', flat: 'flat', bready: 'bready' } as const satisfies Partial<
  Record<Complaint, string>
>;
type Tasted = keyof typeof wordOf;

/** A few questions, only those that the record does not answer; each answer goes into the record at once. */
export function Interview({ roast, questions: all, onDone }: InterviewProps) {
  // “No” leaves the record as it is: nothing but this takes the question away.
  const [cold, setCold] = useState(false);
  const questions = all.filter(({ kind }) => kind !== 'hot' || !cold);
  return (
    <div className="no-print bg-sunk mt-5 max-w-3xl rounded-2xl p-5">
      <h3 className="text-xl">
        {questions.length === 0 ? 'That is all there is to ask.' : 'A few questions; leave out what you do not know.'}
      </h3>
      <ul className="mt-4 space-y-5">
        {questions.map((question) => (
          <li key={question.kind === 'look' ? question.field : question.kind}>
            <Asked question={question} roast={roast} onCold={() => setCold(true)} />
          </li>
        ))}
      </ul>
      <div className="mt-5">
        <Button onClick={onDone}>Done</Button>
      </div>
    </div>
  );
}

type Edit = (answer: string, facts: Partial<Roast>) => void;

interface AskedProps {
  readonly question: InterviewQuestion;
  readonly roast: Roast;
  readonly onCold: () => void;
}

function Asked({ question, roast, onCold }: AskedProps) {
  const keep = async (answer: string, change: Promise<Change>) =>
    notify({ text: `Kept with the roast: ${answer}.`, undo: await change });
  const edit = (answer: string, facts: Partial<Roast>) => void keep(answer, editRoast(database(), roast.id, facts));
  switch (question.kind) {
    case 'taste':
      return (
        <Choice
          asks="How does it taste? (Kept as a cup.)"
          options={[
            ...(Object.keys(wordOf) as Tasted[]).map((value) => ({ value, name: complaintNames[value] })),
            { value: 'well', name: 'well' },
          ]}
          onChange={(value) =>
            void keep(
              `a cup that tasted ${value === 'well' ? value : complaintNames[value as Tasted]}`,
              addCup(database(), {
                roastId: roast.id,
                tastedAt: new Date().toISOString(),
                sheet: value === 'well' ? { overall: 7.5 } : {},
                words: value === 'well' ? [] : [wordOf[value as Tasted]],
              }),
            )
          }
        />
      );
    case 'look':
      return <Look field={question.field} edit={edit} />;
    case 'hot':
      return (
        <Choice
          asks="Was the gear still hot from the batch before?"
          options={[
            { value: 'yes', name: 'yes' },
            { value: 'no', name: 'no, it had cooled' },
          ]}
          onChange={(value) => (value === 'yes' ? edit('the gear was still hot', { gearHot: true }) : onCold())}
        />
      );
    case 'cooling':
      return (
        <Choice
          asks="How long until the beans were hand-warm?"
          options={coolingTimes}
          onChange={(value) => {
            const pullS = milestonesOfRoast(roast).pull;
            if (pullS !== undefined)
              void logEntry(database(), roast.id, { kind: 'mark', milestone: 'cooled' }, pullS + Number(value));
          }}
        />
      );
  }
}

function Look({
  field,
  edit,
}: {
  readonly field: Extract<InterviewQuestion, { kind: 'look' }>['field'];
  readonly edit: Edit;
}) {
  switch (field) {
    case 'evenness':
      return (
        <Choice
          asks="How alike are the beans?"
          options={evennesses.map((value) => ({ value, name: evennessNames[value] }))}
          onChange={(evenness) => edit(evennessNames[evenness], { evenness })}
        />
      );
    case 'spots':
      return (
        <Choice
          asks="Are there scorched spots, on how many beans?"
          options={spotAmounts.map((value) => ({ value, name: value }))}
          onChange={(spots) => edit(`scorched spots, ${spots}`, { spots })}
        />
      );
    case 'bite':
      return (
        <Choice
          asks="Bite a bean through: what is it like inside?"
          options={bites.map((value) => ({ value, name: biteNames[value] }))}
          onChange={(bite) => edit(`bitten through, ${biteNames[bite]}`, { bite })}
        />
      );
  }
}

const coolingTimes = [
  { value: '150', name: 'two or three minutes' },
  { value: '240', name: 'about four' },
  { value: '420', name: 'longer' },
] as const;

interface ChoiceProps<T extends string> {
  readonly asks: string;
  readonly options: readonly { readonly value: T; readonly name: string }[];
  readonly onChange: (value: T) => void;
}

function Choice<T extends string>({ asks, options, onChange }: ChoiceProps<T>) {
  return (
    <>
      <p className="mb-2">{asks}</p>
      <Segmented label={asks} value={undefined} options={options} onChange={onChange} />
    </>
  );
}
