import { useCallback, useEffect, useState } from 'react';
import type { StudentShelf, WatchedLesson } from '../answers.types';
import { ask, Problem, sentence } from '../request';
import { Notice } from '../ui/Notice';
import { forgetDrafts } from './draft';
import { Join } from './Join';
import { Lesson } from './Lesson';
import { forgetMoments } from './moments';
import { Shelf } from './Shelf';

/** The student's page: the class code, the shelf of lessons, a lesson. */
export function Watch() {
  const [shelf, setShelf] = useState<StudentShelf | null>(null);
  const [isOut, setOut] = useState(false);
  const [lesson, setLesson] = useState<WatchedLesson | null>(null);
  const [trouble, setTrouble] = useState('');
  const [share, setShare] = useState(() => location.pathname.match(/^\/w\/([a-z0-9]{22})$/)?.[1] ?? null);
  const code = location.pathname.match(/^\/join\/([A-Za-z0-9-]+)$/)?.[1] ?? '';

  const look = useCallback(async () => {
    try {
      setShelf(await ask<StudentShelf>('GET', '/api/watch/me'));
      setOut(false);
    } catch (error) {
      if (error instanceof Problem && error.status === 401) setOut(true);
      else setTrouble(sentence(error));
    }
  }, []);
  useEffect(() => {
    void look();
  }, [look]);
  useEffect(() => {
    if (!shelf || !share) return;
    setTrouble('');
    ask<WatchedLesson>('GET', `/api/watch/${share}`).then(setLesson, (error) => {
      setTrouble(sentence(error));
      setShare(null);
    });
  }, [shelf, share]);

  const open = (id: string | null) => {
    history.pushState(null, '', id ? `/w/${id}` : '/join');
    setLesson(null);
    setShare(id);
    if (!id) void look();
  };
  useEffect(() => {
    const back = () => {
      setLesson(null);
      setShare(location.pathname.match(/^\/w\/([a-z0-9]{22})$/)?.[1] ?? null);
    };
    window.addEventListener('popstate', back);
    return () => window.removeEventListener('popstate', back);
  }, []);

  if (isOut) return <Join code={code} onEntered={() => void look()} />;
  if (lesson && share) return <Lesson key={share} id={share} lesson={lesson} onClose={() => open(null)} />;
  return (
    <div className="mx-auto max-w-2xl p-4">
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {shelf && !share && (
        <Shelf
          shelf={shelf}
          onOpen={open}
          onLeave={() => {
            forgetDrafts();
            forgetMoments();
            void ask('POST', '/api/watch/leave').then(() => setOut(true));
            setShelf(null);
          }}
        />
      )}
    </div>
  );
}
