import { useCallback, useEffect, useMemo, useState } from 'react';
import type { StudentShelf, WatchedLesson } from '../answers.types';
import { givenFiles } from '../questions/givenFiles';
import { ask, Problem, sentence } from '../request';
import { Notice } from '../ui/Notice';
import { forgetDrafts } from './draft';
import { Join } from './Join';
import { keptLessons } from './kept/KeptLessons';
import { isAway, LessonWork } from './kept/LessonWork';
import { unsent } from './kept/Unsent';
import { Lesson } from './Lesson';
import { Shelf } from './Shelf';

const AWAY = 'There is no connection. Lessons that are kept on this device can be watched and done.';

/** The student's page: the class code, the shelf of lessons, a lesson. */
export function Watch() {
  const [shelf, setShelf] = useState<StudentShelf | null>(null);
  const [isOut, setOut] = useState(false);
  const [isOffline, setOffline] = useState(false);
  const [lesson, setLesson] = useState<WatchedLesson | null>(null);
  const [trouble, setTrouble] = useState('');
  const [share, setShare] = useState(shareInAddress);
  const code = location.pathname.match(/^\/join\/([A-Za-z0-9-]+)$/)?.[1] ?? '';
  const student = shelf?.student ?? '';
  const work = useMemo(() => (share && student ? new LessonWork(share, student) : null), [share, student]);

  const look = useCallback(async () => {
    try {
      const found = await ask<StudentShelf>('GET', '/api/watch/me');
      // What was done before counts on the shelf.
      const isMore = (await unsent.of(found.student)).length > 0 && (await unsent.send(found.student));
      const shown = isMore ? await ask<StudentShelf>('GET', '/api/watch/me') : found;
      await keptLessons.rememberShelf(shown);
      setShelf(shown);
      setOut(false);
      setOffline(false);
      setTrouble('');
    } catch (error) {
      if (error instanceof Problem && error.status === 401) return setOut(true);
      const kept = isAway(error) ? await keptLessons.lastShelf() : undefined;
      if (!kept) return setTrouble(sentence(error));
      setShelf(kept);
      setOffline(true);
    }
  }, []);
  useEffect(() => {
    void look();
  }, [look]);
  useEffect(() => {
    window.addEventListener('online', look);
    return () => window.removeEventListener('online', look);
  }, [look]);
  useEffect(() => {
    if (!work) return;
    setTrouble('');
    work.load().then(setLesson, (error) => {
      setTrouble(sentence(error));
      setShare(null);
    });
  }, [work]);

  const open = (id: string | null) => {
    history.pushState(null, '', id ? `/w/${id}` : '/join');
    setLesson(null);
    setShare(id);
    if (!id) void look();
  };
  useEffect(() => {
    const back = () => {
      setLesson(null);
      setShare(shareInAddress());
    };
    window.addEventListener('popstate', back);
    return () => window.removeEventListener('popstate', back);
  }, []);
  const leave = async () => {
    try {
      // Nothing is left behind that only this student could send.
      await unsent.send(student);
      await ask('POST', '/api/watch/leave');
    } catch (error) {
      return setTrouble(sentence(error));
    }
    forgetDrafts();
    await givenFiles.forgetAll();
    await keptLessons.removeAll();
    setShelf(null);
    setOut(true);
  };

  if (isOut) return <Join code={code} onEntered={() => void look()} />;
  if (lesson && work) return <Lesson key={work.share} work={work} lesson={lesson} onClose={() => open(null)} />;
  return (
    <div className="mx-auto max-w-2xl p-4">
      {isOffline && <Notice>{AWAY}</Notice>}
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {shelf && !share && <Shelf shelf={shelf} isOffline={isOffline} onOpen={open} onLeave={() => void leave()} />}
    </div>
  );
}

function shareInAddress(): string | null {
  return location.pathname.match(/^\/w\/([a-z0-9]{22})$/)?.[1] ?? null;
}
