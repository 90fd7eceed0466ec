import { type FormEvent, useEffect, useRef, useState } from 'react';
import type { DrillState } from '../../answers.types';
import { clock } from '../../clock';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';

export interface Goal {
  inARow: number | null;
  minutes: number | null;
}

interface PractiseToGoalProps {
  goal: Goal;
  level: string;
  /** Answers the item that waits, or asks for the first one. */
  practise: (level: number, given?: string) => Promise<DrillState>;
  /** Told what has been practised so far. */
  onPractised: (state: DrillState) => void;
}

/** One item after the other, until the goal is reached. */
export function PractiseToGoal({ goal, level, practise, onPractised }: PractiseToGoalProps) {
  const [state, setState] = useState<DrillState | null>(null);
  const [given, setGiven] = useState('');
  const [trouble, attempt] = useTrouble();
  const [isWaiting, setWaiting] = useState(false);
  const item = useRef<HTMLElement>(null);
  // On a phone what comes next lies below what is in sight.
  useEffect(() => {
    if (state) item.current?.querySelector<HTMLElement>('input, select')?.focus();
  }, [state]);
  const go = async (answer?: string) => {
    if (isWaiting) return;
    setWaiting(true);
    await attempt(async () => {
      const next = await practise(Number(level), answer);
      setState(next);
      setGiven('');
      onPractised(next);
    });
    setWaiting(false);
  };
  if (!state || String(state.level) !== level) {
    return (
      <div className="flex flex-col items-start gap-2">
        <Button className="min-h-12!" onClick={() => void go()}>
          Begin to practise
        </Button>
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
      </div>
    );
  }
  const answer = (event: FormEvent) => {
    event.preventDefault();
    // The form around it is the whole task.
    event.stopPropagation();
    void go(given);
  };
  return (
    <section ref={item} aria-label="Practise" className="rounded border border-rule p-3">
      <p className="mb-2 text-small text-quiet" role="status">
        {goal.inARow !== null && `${Math.min(state.inARow, goal.inARow)} of ${goal.inARow} in a row. `}
        {goal.minutes !== null && `${clock(state.seconds)} of ${clock(goal.minutes * 60)}. `}
        {state.right} of {state.asked} right.
      </p>
      {state.said && (
        <p className={`mb-2 border-l-4 px-3 ${state.said.isRight ? 'border-right' : 'border-caution-edge'}`}>
          {state.said.sentence} {!state.said.isRight && `Answer: ${state.said.answer}`}
        </p>
      )}
      {state.isMet && <p className="mb-2 font-semibold text-right">You have reached the goal. Press “Answer”.</p>}
      <p className="mb-2">{state.text}</p>
      {state.choices.length > 0 ? (
        <Choice
          label="Your answer"
          value={given}
          choices={[{ value: '', label: 'choose' }, ...state.choices.map((each) => ({ value: each, label: each }))]}
          onChoose={setGiven}
          className="min-h-12!"
        />
      ) : (
        <TextField
          label="Your answer, with its unit if it has one"
          value={given}
          maxLength={60}
          autoComplete="off"
          onChange={(event) => setGiven(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && answer(event)}
          className="min-h-12!"
        />
      )}
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      <Button
        look={state.isMet ? undefined : 'main'}
        className="mt-3 min-h-12!"
        disabled={isWaiting || given.trim() === ''}
        onClick={answer}
      >
        Check it
      </Button>
    </section>
  );
}
