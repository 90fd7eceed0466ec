import { createContext, type ReactNode, use, useCallback, useEffect, useMemo, useState } from 'react';
import type { LessonAnswer, SavedAnswer, SlideScene, TimingAnswer } from '../../answers.types';
import type { Block, LessonDocument, Slide } from '../../lesson.types';
import type { PartKind } from '../../parts';
import { ask, sentence } from '../../request';
import type { StripPart } from '../../stage/Strip';
import { Notice } from '../../ui/Notice';
import { keepCompositions, slidesAsText } from './composition';
import { Manuscript } from './Manuscript';
import { type Place, placeOf } from './refusal';
import { useChosenSlide } from './useChosenSlide';

/** Everything a room needs of the lesson: what it is now, and the ways to change it. */
export interface Desk {
  id: string;
  series: string | null;
  document: LessonDocument;
  scenes: Record<string, SlideScene>;
  timing: TimingAnswer;
  strip: StripPart[];
  /** Words a minute in the recordings; null while too little is recorded. */
  measuredPace: number | null;
  /** How many slides came in from a file and can be kept in another way. */
  broughtSlides: number;
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
  /** Why the newest change cannot be saved, and where it stands; null while all is in order. */
  refused: { sentence: string; place: Place } | null;
  conflict: LessonDocument | null;
  settle: (choice: 'mine' | 'theirs') => void;
  /** Goes on with a version that was kept beside. */
  takeUp: (kept: string) => void;
  /** Counts every change that was saved. */
  version: number;
  /** Fetches the strip again after something was recorded. */
  refresh: () => Promise<void>;
}

const Context = createContext<Desk | null>(null);

export function useDesk(): Desk {
  const desk = use(Context);
  if (!desk) throw new Error('A room stands outside its lesson.');
  return desk;
}

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
  const [refused, setRefused] = useState<Desk['refused']>(null);
  const [conflict, setConflict] = useState<LessonDocument | null>(null);
  const [chosen, chooseSlide] = useChosenSlide();
  const [manuscript] = useState(() => {
    return new Manuscript<SavedAnswer, LessonAnswer>(`/api/lessons/${loaded.id}`, loaded, {
      onDocument: setDocument,
      onSaving: setSaving,
      onSaved: (saved) => {
        setAnswer((before) => ({ ...before, ...saved, scenes: { ...before.scenes, ...saved.scenes } }));
      },
      onMoved: setAnswer,
      onTrouble: setTrouble,
      onRefused: (refusal) => setRefused(refusal && { sentence: refusal.sentence, place: placeOf(refusal) }),
      onConflict: setConflict,
    });
  });
  useSavedOnLeaving(manuscript);

  const refresh = useCallback(async () => {
    const next = await ask<LessonAnswer>('GET', `/api/lessons/${loaded.id}`);
    setAnswer((before) => ({ ...before, strip: next.strip, measuredPace: next.measuredPace }));
  }, [loaded.id]);

  const settle = (choice: 'mine' | 'theirs') => {
    setConflict(null);
    void manuscript.settle(choice);
  };
  const { scenes } = answer;
  const edit = useCallback(
    (change: (document: LessonDocument) => void) =>
      manuscript.edit((draft) => {
        const before = slidesAsText(draft);
        change(draft);
        keepCompositions(draft, before, scenes);
      }),
    [manuscript, scenes],
  );

  const slides = useMemo(
    () => document.parts.flatMap((part) => part.slides.map((slide) => ({ slide, part: part.kind }))),
    [document],
  );
  const here = slides.find((each) => each.slide.id === chosen) ?? slides[0];
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
        broughtSlides: answer.broughtSlides,
        slide: here?.slide,
        part: here?.part,
        chooseSlide,
        edit,
        undo: () => void manuscript.move('undo'),
        redo: () => void manuscript.move('redo'),
        canUndo: answer.canUndo || isSaving || refused !== null,
        canRedo: answer.canRedo && !isSaving,
        isSaving,
        trouble,
        refused,
        conflict,
        settle,
        takeUp: (kept) => void manuscript.takeUp(kept),
        version: answer.version,
        refresh,
      }}
    >
      {children}
    </Context>
  );
}

/** What was typed a moment ago is saved when the room is left; a page that closes asks first. */
function useSavedOnLeaving(manuscript: Manuscript<SavedAnswer, LessonAnswer>): void {
  useEffect(() => {
    const leaving = (event: BeforeUnloadEvent) => {
      if (!manuscript.isUnsaved) return;
      void manuscript.save();
      event.preventDefault();
    };
    const hidden = () => {
      if (window.document.visibilityState === 'hidden') void manuscript.save();
    };
    window.addEventListener('beforeunload', leaving);
    window.document.addEventListener('visibilitychange', hidden);
    return () => {
      window.removeEventListener('beforeunload', leaving);
      window.document.removeEventListener('visibilitychange', hidden);
      void manuscript.save();
    };
  }, [manuscript]);
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
