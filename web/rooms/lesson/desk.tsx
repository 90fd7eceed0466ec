import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, use, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Block, LessonDocument, Slide } from '../../lesson.types';
import type { PartKind } from '../../parts';
import { ask, Problem, sentence } from '../../request';
import type { StripPart } from '../../stage/Strip';
import { Notice } from '../../ui/Notice';

export interface Scene {
  svg: string;
  boxes: Record<string, [number, number, number, number]>;
  overfull: string[];
  problems: Record<string, string>;
  description: string;
  facts: Record<string, string>;
  pieces: Record<string, { name: string; label: string; script: string }[]>;
  answers: Record<string, { answer: string; seconds: number }>;
}

interface Timing {
  slides: Record<string, { spoken: number; work: number; steps: number[] }>;
  total: number;
}

interface LessonAnswer {
  id: string;
  series: string | null;
  place: number;
  document: LessonDocument;
  version: number;
  canUndo: boolean;
  canRedo: boolean;
  scenes: Record<string, Scene>;
  timing: Timing;
  strip: StripPart[];
  measuredPace: number | null;
}

/** Everything a room needs of the lesson: what it is now, and the ways to change it. */
export interface Desk {
  id: string;
  series: string | null;
  document: LessonDocument;
  scenes: Record<string, Scene>;
  timing: Timing;
  strip: StripPart[];
  /** Words a minute in the recordings; null while too little is recorded. */
  measuredPace: number | null;
  slide: Slide | undefined;
  part: PartKind | undefined;
  chooseSlide: (id: string) => void;
  edit: (change: (document: LessonDocument) => void) => void;
  undo: () => void;
  redo: () => void;
  canUndo: boolean;
  canRedo: boolean;
  isSaving: boolean;
  trouble: string | null;
  conflict: LessonDocument | null;
  settle: (choice: 'mine' | 'theirs') => void;
  /** Fetches the strip again after something was recorded. */
  refresh: () => Promise<void>;
}

const Context = createContext<Desk | null>(null);

export function useDesk(): Desk {
  const desk = use(Context);
  if (!desk) throw new Error('A room stands outside its lesson.');
  return desk;
}

const SIGNED_OUT = 'You are signed out. Sign in again in another tab: what you changed is kept here and saved then.';

/** Milliseconds of quiet typing before a save. */
const QUIET = 350;

export function DeskProvider({ lesson, children }: { lesson: string; children: ReactNode }) {
  const [loaded, setLoaded] = useState<LessonAnswer | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    ask<LessonAnswer>('GET', `/api/lessons/${lesson}`).then(setLoaded, (error) => setTrouble(sentence(error)));
  }, [lesson]);
  if (trouble) {
    return (
      <main className="mx-auto max-w-xl p-10">
        <Notice tone="trouble">{trouble}</Notice>
      </main>
    );
  }
  return loaded && <Ready loaded={loaded}>{children}</Ready>;
}

function Ready({ loaded, children }: { loaded: LessonAnswer; children: ReactNode }) {
  const [answer, setAnswer] = useState(loaded);
  const [document, setDocument] = useState(loaded.document);
  const [isSaving, setSaving] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [conflict, setConflict] = useState<LessonDocument | null>(null);
  const [search, setSearch] = useSearchParams();
  const queries = useQueryClient();
  const newest = useRef(document);
  const saved = useRef(document);
  // Documents that are to be revisions of their own, before the newest: what was added, moved or deleted is undone by itself.
  const milestones = useRef<LessonDocument[]>([]);
  const sending = useRef<LessonDocument>(undefined);
  const version = useRef(loaded.version);
  const running = useRef<Promise<void> | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const take = useCallback(
    (next: LessonAnswer) => {
      version.current = next.version;
      newest.current = next.document;
      saved.current = next.document;
      milestones.current = [];
      setDocument(next.document);
      setAnswer(next);
      queries.invalidateQueries({ queryKey: ['ready', loaded.id] });
    },
    [queries, loaded.id],
  );

  /** @returns whether it was saved */
  const sendNext = useCallback(async (): Promise<boolean> => {
    const sent = milestones.current[0] ?? newest.current;
    sending.current = sent;
    try {
      const body = { version: version.current, document: sent };
      const answered = await ask<Pick<LessonAnswer, 'version' | 'canUndo' | 'canRedo' | 'scenes' | 'timing'>>(
        'PUT',
        `/api/lessons/${loaded.id}`,
        body,
      );
      version.current = answered.version;
      saved.current = sent;
      if (milestones.current[0] === sent) milestones.current.shift();
      setTrouble(null);
      setAnswer((before) => ({ ...before, ...answered, scenes: { ...before.scenes, ...answered.scenes } }));
      queries.invalidateQueries({ queryKey: ['ready', loaded.id] });
      return true;
    } catch (error) {
      if (error instanceof Problem && error.status === 409) {
        version.current = Number(error.more.version);
        milestones.current = [];
        setConflict(error.more.document as LessonDocument);
      } else setTrouble(error instanceof Problem && error.status === 401 ? SIGNED_OUT : sentence(error));
      // A connection that is gone comes back: what was typed is still here and is sent again.
      if (error instanceof Problem && error.isPassing) timer.current = setTimeout(() => void save.current(), 4000);
      return false;
    }
  }, [loaded.id, queries]);

  /** Saves until nothing is unsaved, or something stands in the way. */
  const save = useRef<() => Promise<void>>(async () => undefined);
  save.current = () => {
    clearTimeout(timer.current);
    running.current ??= saveAll().finally(() => {
      running.current = null;
    });
    return running.current;
  };
  const saveAll = async () => {
    setSaving(true);
    while (newest.current !== saved.current && (await sendNext()));
    setSaving(false);
  };

  useEffect(() => {
    const isUnsaved = () => newest.current !== saved.current;
    const leaving = (event: BeforeUnloadEvent) => {
      if (!isUnsaved()) return;
      void save.current();
      event.preventDefault();
    };
    const hidden = () => {
      if (window.document.visibilityState === 'hidden' && isUnsaved()) void save.current();
    };
    window.addEventListener('beforeunload', leaving);
    window.document.addEventListener('visibilitychange', hidden);
    return () => {
      window.removeEventListener('beforeunload', leaving);
      window.document.removeEventListener('visibilitychange', hidden);
      if (isUnsaved()) void save.current();
    };
  }, []);

  const edit = useCallback((change: (document: LessonDocument) => void) => {
    const next = structuredClone(newest.current);
    change(next);
    if (outline(next) !== outline(newest.current)) {
      const known = [saved.current, sending.current, milestones.current.at(-1)];
      if (!known.includes(newest.current)) milestones.current.push(newest.current);
      milestones.current.push(next);
    }
    newest.current = next;
    setDocument(next);
    setSaving(true);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void save.current(), QUIET);
  }, []);

  const move = useCallback(
    async (way: 'undo' | 'redo') => {
      await save.current();
      try {
        take(await ask<LessonAnswer>('POST', `/api/lessons/${loaded.id}/${way}`, { version: version.current }));
        setTrouble(null);
      } catch (error) {
        setTrouble(sentence(error));
      }
    },
    [loaded.id, take],
  );

  const refresh = useCallback(async () => {
    const next = await ask<LessonAnswer>('GET', `/api/lessons/${loaded.id}`);
    setAnswer((before) => ({ ...before, strip: next.strip, measuredPace: next.measuredPace }));
  }, [loaded.id]);

  const settle = (choice: 'mine' | 'theirs') => {
    setConflict(null);
    // The other window’s version is saved already; mine is saved on top of it, and taken back when it is not wanted now.
    void save.current().then(() => (choice === 'theirs' ? move('undo') : undefined));
  };

  const slides = useMemo(
    () => document.parts.flatMap((part) => part.slides.map((slide) => ({ slide, part: part.kind }))),
    [document],
  );
  const wanted = search.get('slide');
  const here = slides.find((each) => each.slide.id === wanted) ?? slides[0];
  const chooseSlide = useCallback((id: string) => setSearch({ slide: id }, { replace: true }), [setSearch]);
  const strip = useMemo(() => stripNow(document, answer), [document, answer]);

  return (
    <Context
      value={{
        id: loaded.id,
        series: loaded.series,
        document,
        scenes: answer.scenes,
        timing: answer.timing,
        strip,
        measuredPace: answer.measuredPace,
        slide: here?.slide,
        part: here?.part,
        chooseSlide,
        edit,
        undo: () => void move('undo'),
        redo: () => void move('redo'),
        canUndo: answer.canUndo || isSaving,
        canRedo: answer.canRedo && !isSaving,
        isSaving,
        trouble,
        conflict,
        settle,
        refresh,
      }}
    >
      {children}
    </Context>
  );
}

/** What stands where, without what is written in it. */
function outline(document: LessonDocument): string {
  const slides = document.parts.map((part) =>
    part.slides.map((slide) => [slide.id, slide.steps.map((step) => step.id), slide.blocks.map((block) => block.id)]),
  );
  return JSON.stringify([document.aims.map((aim) => aim.id), slides]);
}

/** The strip follows the document as it is typed; what is recorded comes from the server. */
function stripNow(document: LessonDocument, answer: LessonAnswer): StripPart[] {
  const recorded = new Map(
    answer.strip.flatMap((part) => part.slides.map((slide) => [slide.id, slide.recorded] as const)),
  );
  return document.parts.map((part) => ({
    id: part.id,
    kind: part.kind,
    slides: part.slides.map((slide) => ({
      id: slide.id,
      title: slide.title,
      side: slide.side,
      planned: answer.timing.slides[slide.id]?.spoken ?? 0,
      work: answer.timing.slides[slide.id]?.work ?? 0,
      recorded: recorded.get(slide.id) ?? null,
    })),
  }));
}

export function newId(kind: string): string {
  return `${kind}-${crypto.randomUUID().replaceAll('-', '').slice(0, 10)}`;
}

export function findSlide(document: LessonDocument, id: string): Slide {
  const slide = document.parts.flatMap((part) => part.slides).find((each) => each.id === id);
  if (!slide) throw new Error('This slide is not in the lesson.');
  return slide;
}

export function findBlock(document: LessonDocument, slide: string, id: string): Block {
  const block = findSlide(document, slide).blocks.find((each) => each.id === id);
  if (!block) throw new Error('This block is not on the slide.');
  return block;
}
