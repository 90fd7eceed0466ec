import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Tabs } from 'radix-ui';
import { useState } from 'react';
import { Link } from 'react-router';
import type { AskedAgain, ClassReplies, RepliesAnswer } from '../../answers.types';
import { ask, sentence } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { RoomLink } from '../lesson/RoomLink';
import { Aims } from './Aims';
import { Groups } from './Groups';
import { type GiveMarks, MarkAnswers } from './MarkAnswers';
import { Moments } from './Moments';
import { withGiven } from './marking';
import { Questions } from './Questions';
import { Students } from './Students';

/** Milliseconds after which the page looks again, while a class works. */
const AGAIN = 8000;

/** Who did what, which question went wrong and with which answer, and what follows from it: a page to act on. */
export function Replies() {
  const desk = useDesk();
  const replies = useQuery({
    queryKey: ['replies', desk.id],
    queryFn: () => ask<RepliesAnswer>('GET', `/api/lessons/${desk.id}/replies`),
    staleTime: 0,
    refetchInterval: AGAIN,
  });
  const [chosen, setChosen] = useState('');
  if (replies.isError) return <Notice tone="trouble">{sentence(replies.error)}</Notice>;
  if (!replies.data) return null;
  const { classes } = replies.data;
  const seen = classes.find((each) => each.id === chosen) ?? classes[0];
  if (!seen) {
    return (
      <main className="p-12 text-center">
        <p className="mb-4 text-lg">No class has this lesson yet.</p>
        <RoomLink to="share">Go to the Share room</RoomLink>
      </main>
    );
  }
  return (
    <main className="mx-auto w-full max-w-[84rem] px-6 py-6">
      {classes.length > 1 && (
        <div className="mb-4 w-64">
          <Choice
            label="Class"
            value={seen.id}
            choices={classes.map((each) => ({ value: each.id, label: each.name }))}
            onChoose={setChosen}
          />
        </div>
      )}
      <ClassPage key={seen.id} replies={seen} />
    </main>
  );
}

function ClassPage({ replies }: { replies: ClassReplies }) {
  const desk = useDesk();
  const queries = useQueryClient();
  const [trouble, attempt] = useTrouble();
  const toMark = replies.questions.filter((question) => question.readByTeacher && question.answers.length > 0);
  const waiting = toMark.reduce((sum, question) => sum + question.toMark, 0);
  const [view, setView] = useState(waiting > 0 ? 'mark' : 'questions');
  const lookAgain = () => queries.invalidateQueries({ queryKey: ['replies', desk.id] });
  const give: GiveMarks = async (answers, given) => {
    const key = ['replies', desk.id];
    await queries.cancelQueries({ queryKey: key });
    queries.setQueryData<RepliesAnswer>(key, (before) => before && withGiven(before, answers, given));
    await attempt(() => ask('PUT', `/api/lessons/${desk.id}/marks`, { answers, ...given }));
    await lookAgain();
  };
  const reply = async (moment: string, text: string) => {
    const went = await attempt(() => ask('PUT', `/api/lessons/${desk.id}/moments/${moment}`, { reply: text }));
    await lookAgain();
    return went;
  };
  return (
    <section aria-label={replies.name}>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      <Summary replies={replies} waiting={waiting} />
      <Tabs.Root value={view} onValueChange={setView}>
        <Tabs.List aria-label="Replies" className="mb-5 flex flex-wrap gap-x-6 border-b border-rule">
          {toMark.length > 0 && <Tab name="mark">{waiting > 0 ? `To mark (${waiting})` : 'Marked by you'}</Tab>}
          <Tab name="questions">By question</Tab>
          <Tab name="aims">By aim</Tab>
          <Tab name="groups">Groups</Tab>
          <Tab name="moments">By moment</Tab>
          <Tab name="students">By student</Tab>
        </Tabs.List>
        <Tabs.Content value="mark" className="flex flex-col gap-10">
          {toMark.map((question) => (
            <MarkAnswers key={question.block} question={question} onGive={give} />
          ))}
        </Tabs.Content>
        <Tabs.Content value="questions">
          <Questions questions={replies.questions} />
        </Tabs.Content>
        <Tabs.Content value="aims">
          <Aims aims={replies.aims} />
        </Tabs.Content>
        <Tabs.Content value="groups">
          <Groups groups={replies.groups} />
        </Tabs.Content>
        <Tabs.Content value="moments">
          <Moments moments={replies.moments} onReply={reply} />
        </Tabs.Content>
        <Tabs.Content value="students">
          <Students replies={replies} isLate={isPast(replies.due)} />
        </Tabs.Content>
      </Tabs.Root>
    </section>
  );
}

function Tab({ name, children }: { name: string; children: string }) {
  return (
    <Tabs.Trigger
      value={name}
      className="-mb-px min-h-11 border-b-2 border-transparent text-quiet data-[state=active]:border-action data-[state=active]:text-ink"
    >
      {children}
    </Tabs.Trigger>
  );
}

/** Where the class stands, and the one thing that follows from it for the next lesson. */
function Summary({ replies, waiting }: { replies: ClassReplies; waiting: number }) {
  const desk = useDesk();
  const [trouble, attempt] = useTrouble();
  const [made, setMade] = useState<AskedAgain | null>(null);
  const opened = replies.students.filter((student) => student.opened).length;
  const handedIn = replies.students.filter((student) => student.handedIn).length;
  const weakest = replies.aims
    .filter((aim) => aim.facility !== null)
    .sort((one, other) => (one.facility ?? 1) - (other.facility ?? 1))[0];
  const askAgain = () =>
    attempt(async () =>
      setMade(await ask<AskedAgain>('POST', `/api/lessons/${desk.id}/shares/${replies.id}/next-opening`)),
    );
  return (
    <div className="mb-6 grid gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <div>
        <h2 className="text-xl">{replies.name}</h2>
        <p className="mt-1">
          {opened} of {replies.students.length} opened it, {handedIn} handed in
          {waiting > 0 && `, ${waiting} ${waiting === 1 ? 'answer waits' : 'answers wait'} for your marks`}.
        </p>
        <a
          href={`/api/lessons/${desk.id}/replies/${replies.id}.csv`}
          download
          className="inline-flex min-h-10 items-center text-action underline"
        >
          All replies as a table (CSV)
        </a>
      </div>
      {weakest && (
        <div className="rounded border border-rule bg-sheet p-4">
          <p>
            The weakest aim: <strong className="font-semibold">{weakest.text}</strong> (
            {Math.round((weakest.facility ?? 0) * 100)}% of the marks).
          </p>
          {made ? (
            <Notice>
              {made.asked.length > 0
                ? `The opening of “${made.title}” now asks about: ${made.asked.join('; ')}. `
                : `The opening of “${made.title}” asks about it already. `}
              <Link to={`/lesson/${made.lesson}/storyboard`} className="text-action underline">
                Look at it
              </Link>
            </Notice>
          ) : (
            <Button look={waiting > 0 ? 'plain' : 'main'} className="mt-2" onClick={() => void askAgain()}>
              Ask it at the opening of the next lesson
            </Button>
          )}
          {trouble && <Notice tone="trouble">{trouble}</Notice>}
        </div>
      )}
    </div>
  );
}

/** A day is past when it is over. */
function isPast(day: string | null): boolean {
  return day !== null && day.slice(0, 10) < new Date().toLocaleDateString('sv-SE');
}
