import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { LessonDocument } from '../../web/lesson.types';
import { Manuscript, type Refusal } from '../../web/rooms/lesson/Manuscript';
import { addSlide, deleteSlide } from '../../web/rooms/lesson/slides';
import { blankLesson } from './blankLesson';

/** A server of the test’s own, with revisions as the real one keeps them. */
let revisions: LessonDocument[];
let place: number;
let version: number;
let statuses: number[];
let addresses: string[];
/** Lets the next answer go when it is called; without one, answers come at once. */
let holdUp: Promise<void> | null;

const first = () => blankLesson([['explain', []]]);

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('document', { cookie: '' });
  revisions = [first()];
  place = 0;
  version = 1;
  statuses = [];
  addresses = [];
  holdUp = null;
  vi.stubGlobal('fetch', async (address: string, init: RequestInit) => {
    addresses.push(address);
    const body = JSON.parse(String(init.body));
    const held = holdUp;
    holdUp = null;
    await held;
    const status = statuses.shift() ?? 200;
    if (status === 0) throw new TypeError('Failed to fetch');
    if (status !== 200) return Response.json({ detail: `Answered ${status}.` }, { status });
    if (body.version !== version)
      return Response.json({ detail: 'Stale.', version, document: revisions[place] }, { status: 409 });
    version += 1;
    if (init.method !== 'POST') {
      revisions = [...revisions.slice(0, place + 1), body.document ?? whole(body)];
      place += 1;
    } else place = Math.max(0, Math.min(revisions.length - 1, place + (address.endsWith('undo') ? -1 : 1)));
    return Response.json({ version, document: revisions[place] });
  });
});

/** A change put together with the slides that are there, as the server does it. */
function whole({ frame, slides }: { frame: LessonDocument; slides: Record<string, unknown> }): LessonDocument {
  const known = new Map(revisions[place]?.parts.flatMap((part) => part.slides).map((slide) => [slide.id, slide]));
  const found = (id: unknown) => slides[String(id)] ?? known.get(String(id));
  return {
    ...frame,
    parts: frame.parts.map((part) => ({ ...part, slides: part.slides.map(found) })),
  } as LessonDocument;
}

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

function open() {
  const told = {
    document: first(),
    isSaving: false,
    trouble: null as string | null,
    refused: null as Refusal | null,
    conflict: null as unknown,
  };
  const manuscript = new Manuscript(
    '/api/lessons/one',
    { version: 1, document: told.document },
    {
      onDocument: (document) => {
        told.document = document;
      },
      onSaving: (isSaving) => {
        told.isSaving = isSaving;
      },
      onSaved: () => undefined,
      onMoved: () => undefined,
      onTrouble: (trouble) => {
        told.trouble = trouble;
      },
      onRefused: (refused) => {
        told.refused = refused;
      },
      onConflict: (theirs) => {
        told.conflict = theirs;
      },
    },
  );
  const type = (title: string) =>
    manuscript.edit((draft) => {
      draft.title = title;
    });
  return { manuscript, told, type };
}

const titles = () => revisions.map((each) => each.title);

test('quick typing becomes one revision, and a rest between makes two', async () => {
  const { told, type } = open();
  for (const title of ['S', 'Su', 'Sun']) type(title);
  expect(told).toMatchObject({ isSaving: true, document: { title: 'Sun' } });
  await vi.advanceTimersByTimeAsync(400);
  type('Sun and shadow');
  await vi.advanceTimersByTimeAsync(400);
  expect(titles()).toEqual(['Shadows', 'Sun', 'Sun and shadow']);
  expect(told.isSaving).toBe(false);
});

test('what is added, moved or deleted is a revision of its own, and so is the typing before it', async () => {
  const { manuscript, type } = open();
  type('Typed');
  let slide = '';
  manuscript.edit((draft) => {
    slide = addSlide(draft, 'explain', null);
  });
  manuscript.edit((draft) => deleteSlide(draft, slide));
  type('Typed again');
  await manuscript.save();
  const counts = revisions.map((each) => `${each.title}: ${each.parts[0]?.slides.length}`);
  expect(counts).toEqual(['Shadows: 0', 'Typed: 0', 'Typed: 1', 'Typed: 0', 'Typed again: 0']);
});

test('undo saves first, goes one step back, and what is changed after it is saved', async () => {
  const { manuscript, told, type } = open();
  type('Sun');
  await manuscript.move('undo');
  expect(told.document.title).toBe('Shadows');
  await manuscript.move('redo');
  expect(told.document.title).toBe('Sun');
  await manuscript.move('undo');
  await manuscript.save();
  type('Moon');
  await vi.advanceTimersByTimeAsync(400);
  expect(titles()).toEqual(['Shadows', 'Moon']);
  expect(manuscript.isUnsaved).toBe(false);
});

test('what is typed while the server goes back is not lost', async () => {
  const { manuscript, told, type } = open();
  type('Sun');
  await manuscript.save();
  let letGo: () => void = () => undefined;
  holdUp = new Promise((resolve) => {
    letGo = resolve;
  });
  const moving = manuscript.move('undo');
  await vi.advanceTimersByTimeAsync(10);
  type('Sun and more');
  letGo();
  await moving;
  await vi.advanceTimersByTimeAsync(400);
  expect(told.document.title).toBe('Sun and more');
  expect(titles()).toEqual(['Shadows', 'Sun and more']);
});

test('what is typed while a save is on its way is saved after it', async () => {
  const { manuscript, type } = open();
  let letGo: () => void = () => undefined;
  holdUp = new Promise((resolve) => {
    letGo = resolve;
  });
  type('One');
  const saving = manuscript.save();
  type('Two');
  letGo();
  await saving;
  expect(titles()).toEqual(['Shadows', 'One', 'Two']);
});

test('a server that is away is tried again, and told of until it answers', async () => {
  const { manuscript, told, type } = open();
  statuses = [0, 503];
  type('Sun');
  await vi.advanceTimersByTimeAsync(400);
  expect(told).toMatchObject({ isSaving: false, trouble: expect.stringContaining('cannot be reached') });
  expect(manuscript.isUnsaved).toBe(true);
  await vi.advanceTimersByTimeAsync(4100);
  expect(told.trouble).toBe('Answered 503.');
  await vi.advanceTimersByTimeAsync(4100);
  expect(told.trouble).toBeNull();
  expect(titles()).toEqual(['Shadows', 'Sun']);
});

test('signed out, it says what to do; a refusal waits for another change', async () => {
  const { told, type } = open();
  statuses = [401, 422];
  type('Sun');
  await vi.advanceTimersByTimeAsync(400);
  expect(told.trouble).toContain('You are signed out');
  await vi.advanceTimersByTimeAsync(4100);
  expect(told.trouble).toBeNull();
  expect(told.refused?.sentence).toBe('Answered 422.');
  await vi.advanceTimersByTimeAsync(20_000);
  expect(titles()).toEqual(['Shadows']);
  type('Moon');
  await vi.advanceTimersByTimeAsync(400);
  expect(titles()).toEqual(['Shadows', 'Moon']);
});

test('after a change in another window either version is gone on with, and the other is one step away', async () => {
  for (const choice of ['mine', 'theirs'] as const) {
    revisions = [first(), { ...first(), title: 'Theirs' }];
    place = 1;
    version = 2;
    const { manuscript, told, type } = open();
    type('Mine');
    await vi.advanceTimersByTimeAsync(400);
    expect(told.conflict).toMatchObject({ title: 'Theirs' });
    expect(titles()).toEqual(['Shadows', 'Theirs']);
    await manuscript.settle(choice);
    expect(told.document.title).toBe(choice === 'mine' ? 'Mine' : 'Theirs');
    await manuscript.move(choice === 'mine' ? 'undo' : 'redo');
    expect(told.document.title).toBe(choice === 'mine' ? 'Theirs' : 'Mine');
  }
});

test('a save that is refused is told with its place, and what is changed later is saved', async () => {
  const { manuscript, told, type } = open();
  statuses = [422];
  type('Much too long');
  await vi.advanceTimersByTimeAsync(400);
  expect(told.refused?.sentence).toBe('Answered 422.');
  expect(told.trouble).toBeNull();
  // It is not sent again and again as it is.
  await vi.advanceTimersByTimeAsync(20_000);
  expect(titles()).toEqual(['Shadows']);
  type('Short');
  await vi.advanceTimersByTimeAsync(400);
  expect(titles()).toEqual(['Shadows', 'Short']);
  expect(told.refused).toBeNull();
  expect(manuscript.isUnsaved).toBe(false);
});

test('a refused step on the way blocks nothing that comes after it', async () => {
  const { manuscript, told, type } = open();
  statuses = [200, 422];
  type('Typed');
  manuscript.edit((draft) => {
    addSlide(draft, 'explain', null);
  });
  type('Put right');
  await manuscript.save();
  expect(titles()).toEqual(['Shadows', 'Typed', 'Put right']);
  expect(told.refused).toBeNull();
});

test('undo takes a refused change back, and redo is what it was', async () => {
  const { manuscript, told, type } = open();
  type('Sun');
  await manuscript.save();
  statuses = [422];
  type('Refused');
  await manuscript.save();
  await manuscript.move('undo');
  expect(told).toMatchObject({ refused: null, document: { title: 'Sun' } });
  await manuscript.move('undo');
  expect(told.document.title).toBe('Shadows');
});

test('a version that was kept beside is taken up, and what stood before is one undo away', async () => {
  const { manuscript, told } = open();
  await manuscript.takeUp('7');
  expect(addresses).toEqual(['/api/lessons/one/kept/7']);
  expect(told.trouble).toBeNull();
});
