import { useEffect } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Link, NavLink, Outlet, useLocation, useParams } from 'react-router';
import { clock } from '../../clock';
import { Strip } from '../../stage/Strip';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Wordmark } from '../Wordmark';
import { BrokenRoom } from './BrokenRoom';
import { type Desk, DeskProvider, useDesk } from './desk';
import { useFindings } from './findings';
import { KeptVersions } from './KeptVersions';
import { TwoVersions } from './TwoVersions';

const ROOMS = [
  { to: 'plan', label: 'Plan' },
  { to: 'storyboard', label: 'Storyboard' },
  { to: 'record', label: 'Record' },
  { to: 'edit', label: 'Edit' },
  { to: 'share', label: 'Share' },
  { to: 'replies', label: 'Replies' },
];

/** What all rooms of a lesson share: its name, the way between the rooms, and the daylight strip. */
export function LessonRoom() {
  const { lesson } = useParams();
  return (
    <DeskProvider key={lesson} lesson={lesson ?? ''}>
      <Frame />
    </DeskProvider>
  );
}

function Frame() {
  const desk = useDesk();
  const { pathname } = useLocation();
  useEffect(() => {
    document.title = `${desk.document.title} · Daybright Lesson`;
  }, [desk.document.title]);
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      const isText = event.target instanceof HTMLElement && event.target.closest('input, textarea, select') !== null;
      if (!(event.ctrlKey || event.metaKey) || isText || event.key.toLowerCase() !== 'z') return;
      event.preventDefault();
      if (event.shiftKey) desk.redo();
      else desk.undo();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [desk]);
  const findings = useFindings(desk.id, desk.version, /\/(plan|storyboard)$/.test(pathname));
  const found = new Set(
    findings.data?.findings.flatMap((each) => (each.slide && each.setAside === null ? [each.slide] : [])),
  );
  const over = desk.timing.total - desk.document.minutes * 60;
  const recorded = desk.strip
    .flatMap((part) => part.slides)
    .filter((slide) => !slide.side)
    .reduce((sum, slide) => sum + (slide.recorded ?? 0), 0);
  return (
    <div className="flex min-h-screen flex-col">
      <header className="sticky top-0 z-20 border-b border-rule bg-paper px-6 pt-3">
        <div className="flex items-center gap-x-5">
          <Link to="/" className="shrink-0" aria-label="Daybright Lesson: all lessons">
            <Wordmark />
          </Link>
          <h1 className="min-w-0 truncate text-lg" title={desk.document.title}>
            {desk.document.title}
          </h1>
          <Saved desk={desk} />
          <nav aria-label="Rooms" className="ml-auto flex shrink-0">
            {ROOMS.map((room) => (
              <NavLink
                key={room.to}
                to={desk.slide ? `${room.to}?slide=${desk.slide.id}` : room.to}
                className={({ isActive }) =>
                  `border-b-3 px-3 py-2 text-base ${isActive ? 'border-action font-semibold text-action' : 'border-transparent text-ink hover:border-rule'}`
                }
              >
                {room.label}
              </NavLink>
            ))}
          </nav>
        </div>
        <div className="flex items-end gap-5 pt-2 pb-2">
          <Strip
            parts={desk.strip}
            current={desk.slide?.id}
            onChoose={desk.chooseSlide}
            found={found}
            target={desk.document.minutes * 60}
          />
          <p className={`shrink-0 pb-2 text-right text-small ${over > 0 ? 'text-recording' : 'text-quiet'}`}>
            <span className="text-lg leading-tight">{clock(desk.timing.total)}</span> of{' '}
            {clock(desk.document.minutes * 60)} planned
            <span className="block text-quiet">
              {recorded > 0 ? `${clock(recorded)} recorded` : 'nothing recorded yet'}
            </span>
          </p>
        </div>
        {(desk.trouble || desk.refused) && (
          <div className="pt-2">
            <Notice tone="trouble">
              {desk.trouble ?? `The last change cannot be saved. ${desk.refused?.sentence}`}
              {desk.refused?.place.slide && desk.refused.place.slide !== desk.slide?.id && (
                <Button
                  look="quiet"
                  className="ml-2 px-2!"
                  onClick={() => desk.chooseSlide(desk.refused?.place.slide ?? '')}
                >
                  Show the slide
                </Button>
              )}
            </Notice>
          </div>
        )}
      </header>
      <ErrorBoundary
        resetKeys={[desk.document, pathname]}
        fallbackRender={({ resetErrorBoundary }) => <BrokenRoom onAgain={resetErrorBoundary} />}
      >
        <Outlet />
      </ErrorBoundary>
      <TwoVersions />
    </div>
  );
}

function Saved({ desk }: { desk: Desk }) {
  return (
    <span className="flex shrink-0 items-center gap-1">
      <Button look="quiet" onClick={desk.undo} disabled={!desk.canUndo} className="px-2!">
        Undo
      </Button>
      <Button look="quiet" onClick={desk.redo} disabled={!desk.canRedo} className="px-2!">
        Redo
      </Button>
      <span role="status" className="text-small text-quiet">
        {desk.trouble || desk.refused ? 'Not saved' : desk.isSaving ? 'Saving' : 'Saved'}
      </span>
      <KeptVersions />
    </span>
  );
}
