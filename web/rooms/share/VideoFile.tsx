import { bytes } from '../../clock';
import { ask } from '../../request';
import { Button } from '../../ui/Button';
import { FileLink } from '../../ui/FileLink';
import { Notice } from '../../ui/Notice';
import type { Export, Release } from './sharing';

/** The video: made on the queue, with how far it is, a way to stop it, and what went wrong. */
export function VideoFile({
  release,
  made,
  run,
}: {
  release: Release | undefined;
  made: Export | null;
  run: (work: () => Promise<unknown>) => Promise<void>;
}) {
  const make = () => release && run(() => ask('POST', `/api/releases/${release.id}/exports`));
  const isRunning = made?.state === 'waiting' || made?.state === 'making';
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span className="grow">
        Video file
        <span className="block text-[15px] text-quiet">
          {made?.state === 'ready'
            ? `MP4, 1280 × 720, ${bytes(made.bytes)}, with captions and chapters`
            : 'MP4 with captions and chapters, pauses counted down in the picture'}
        </span>
      </span>
      {isRunning && (
        <>
          <span className="flex items-center gap-2">
            <progress value={made.progress} max={1} aria-label="Making the video" className="w-32 accent-action" />
            {Math.round(made.progress * 100)}%
          </span>
          <Button onClick={() => void run(() => ask('DELETE', `/api/exports/${made.id}`))}>Stop</Button>
        </>
      )}
      {made?.state === 'ready' && (
        <>
          <FileLink href={`/api/exports/${made.id}/lesson.mp4`}>Download</FileLink>
          <a href={`/api/exports/${made.id}/captions.vtt`} className="text-action underline" download>
            Captions
          </a>
        </>
      )}
      {!isRunning && made?.state !== 'ready' && (
        <Button onClick={() => void make()} disabled={!release}>
          {made ? 'Make it again' : 'Make the video'}
        </Button>
      )}
      {made?.state === 'failed' && <Notice tone="trouble">{made.trouble}</Notice>}
      {!release && (
        <p className="text-[15px] text-quiet">Share the lesson first: the video shows the shared version.</p>
      )}
    </div>
  );
}
