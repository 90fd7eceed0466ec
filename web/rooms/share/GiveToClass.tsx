import { type FormEvent, useState } from 'react';
import type { ShareAnswer } from '../../answers.types';
import { Button } from '../../ui/Button';
import { Choice, TextArea, TextField } from '../../ui/Field';
import { type Allowances, allowancesOf, WhatTheClassMayDo } from './WhatTheClassMayDo';

interface Given extends Allowances {
  classroom: string;
  instructions: string;
  due: string | null;
}

interface GiveToClassProps {
  classrooms: ShareAnswer['classrooms'];
  shares: ShareAnswer['shares'];
  parts: ShareAnswer['parts'];
  onGive: (given: Given) => Promise<void>;
  isNext: boolean;
}

/** To which class, with what to do and by when. */
export function GiveToClass({ classrooms, shares, parts, onGive, isNext }: GiveToClassProps) {
  const [classroom, setClassroom] = useState(shares[0]?.classroom ?? classrooms[0]?.id ?? '');
  const share = shares.find((each) => each.classroom === classroom);
  return (
    <div className="flex flex-col gap-3">
      <Choice
        label="Class"
        value={classroom}
        onChoose={setClassroom}
        choices={classrooms.map((each) => ({ value: each.id, label: each.name }))}
      />
      <ToOneClass
        key={classroom}
        share={share}
        parts={parts}
        isNext={isNext}
        onGive={(given) => onGive({ classroom, ...given })}
      />
    </div>
  );
}

interface ToOneClassProps extends Pick<GiveToClassProps, 'parts' | 'isNext'> {
  share: ShareAnswer['shares'][number] | undefined;
  onGive: (given: Omit<Given, 'classroom'>) => Promise<void>;
}

function ToOneClass({ share, parts, isNext, onGive }: ToOneClassProps) {
  const [allowances, setAllowances] = useState(() => allowancesOf(share));
  const [instructions, setInstructions] = useState(share?.instructions ?? '');
  const give = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const due = String(new FormData(event.currentTarget).get('due')) || null;
    void onGive({ instructions, due, ...allowances });
  };
  return (
    <form onSubmit={give} className="flex flex-col gap-3">
      <TextField label="To be done by" name="due" type="date" defaultValue={share?.due ?? ''} />
      <TextArea
        label="Instructions for the class"
        value={instructions}
        maxLength={2000}
        onChange={(event) => setInstructions(event.target.value)}
      />
      <WhatTheClassMayDo parts={parts} allowances={allowances} onChange={setAllowances} />
      <Button type="submit" look={isNext ? 'main' : 'plain'} className="self-start">
        {share ? 'Save for this class' : 'Give it to this class'}
      </Button>
    </form>
  );
}
