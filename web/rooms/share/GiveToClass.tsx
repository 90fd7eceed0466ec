import { type FormEvent, useState } from 'react';
import type { ShareAnswer } from '../../answers.types';
import { Button } from '../../ui/Button';
import { Choice, TextArea, TextField } from '../../ui/Field';

interface Given {
  classroom: string;
  instructions: string;
  due: string | null;
}

/** To which class, with what to do and by when. */
export function GiveToClass({
  classrooms,
  shares,
  onGive,
  isNext,
}: {
  classrooms: ShareAnswer['classrooms'];
  shares: ShareAnswer['shares'];
  onGive: (given: Given) => Promise<void>;
  isNext: boolean;
}) {
  const [classroom, setClassroom] = useState(shares[0]?.classroom ?? classrooms[0]?.id ?? '');
  const share = shares.find((each) => each.classroom === classroom);
  const give = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    void onGive({ classroom, instructions: String(form.get('instructions')), due: String(form.get('due')) || null });
  };
  return (
    <form key={classroom} onSubmit={give} className="flex flex-col gap-3">
      <div className="grid grid-cols-2 gap-4">
        <Choice
          label="Class"
          value={classroom}
          onChoose={setClassroom}
          choices={classrooms.map((each) => ({ value: each.id, label: each.name }))}
        />
        <TextField label="To be done by" name="due" type="date" defaultValue={share?.due ?? ''} />
      </div>
      <Instructions start={share?.instructions ?? ''} />
      <Button type="submit" look={isNext ? 'main' : 'plain'} className="self-start">
        {share ? 'Save for this class' : 'Give it to this class'}
      </Button>
    </form>
  );
}

function Instructions({ start }: { start: string }) {
  const [text, setText] = useState(start);
  return (
    <TextArea
      label="Instructions for the class"
      name="instructions"
      value={text}
      maxLength={2000}
      onChange={(event) => setText(event.target.value)}
    />
  );
}
