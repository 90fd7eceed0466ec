import { useEffect, useRef, useState } from 'react';
import { useLatest } from '../../latest';
import type { Note } from '../../tracks/capture';
import { CAMERA } from '../../tracks/signs';
import { FilmRecorder, type FilmSource } from './FilmRecorder';

export type CameraPlace = 'beside' | 'whole' | 'away';

/** The key that brings the camera beside the slide, then in its place, then away. */
export const CAMERA_KEY = 'v';

const NEXT: Record<CameraPlace, CameraPlace> = { away: 'beside', beside: 'whole', whole: 'away' };

interface Recording {
  take: string | null;
  now: () => number;
  note: (event: Note) => void;
}

/** The camera, and a window of the computer, while slides are recorded. */
export function useFilms({ take, now, note }: Recording) {
  const [camera, setCamera] = useState<MediaStream | null>(null);
  const [place, setPlace] = useState<CameraPlace>('away');
  const [shared, setShared] = useState<{ stream: MediaStream; description: string } | null>(null);
  const [trouble, setTrouble] = useState('');
  const window_ = shared?.stream ?? null;
  const newest = useLatest({ now, note, place, description: shared?.description ?? '' });
  const recorders = useRef<FilmRecorder[]>([]);

  const film = (stream: MediaStream, of: string, source: FilmSource) => {
    if (recorders.current.some((each) => each.isOf(stream, of))) return;
    try {
      const recorder = new FilmRecorder(stream, of, source);
      recorders.current.push(recorder);
      const { now, note, place, description } = newest.current;
      const at = now() + recorder.start();
      note({
        kind: 'footage',
        at,
        footage: recorder.id,
        source,
        ...(source === 'window' && description ? { description } : {}),
      });
      note({ kind: 'shown', at, footage: recorder.id, place: source === 'window' ? 'whole' : place });
    } catch {
      setTrouble('This browser cannot film in pieces that survive a crash. The sound is recorded all the same.');
    }
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is open is filmed for every take
  useEffect(() => {
    if (take === null) return;
    if (camera) film(camera, take, 'camera');
    if (window_) film(window_, take, 'window');
  }, [take, camera, window_]);
  useEffect(() => {
    if (take === null) return;
    const flush = () => {
      for (const each of recorders.current) each.flush();
    };
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      for (const each of recorders.current) void each.stop();
      recorders.current = [];
    };
  }, [take]);
  useOpened(camera);
  useOpened(window_);

  const shown = (source: FilmSource, next: CameraPlace) => {
    for (const each of recorders.current)
      if (each.source === source) note({ kind: 'shown', footage: each.id, place: next });
  };
  const show = async (next: CameraPlace) => {
    if (next !== 'away' && !camera) {
      const opened = await openCamera();
      if (!opened) {
        setTrouble('The camera cannot be opened. Allow it in the browser’s address bar, or plug one in.');
        return;
      }
      setCamera(opened);
    }
    setTrouble('');
    setPlace(next);
    newest.current.place = next;
    shown('camera', next);
  };
  const endWindow = () => {
    shown('window', 'away');
    for (const each of recorders.current) if (each.source === 'window') void each.stop();
    recorders.current = recorders.current.filter((each) => each.source !== 'window');
    setShared(null);
  };
  const ended = useLatest(endWindow);
  const shareWindow = async (description: string) => {
    try {
      const stream = await navigator.mediaDevices.getDisplayMedia({ video: { frameRate: 15 }, audio: false });
      stream.getVideoTracks()[0]?.addEventListener('ended', () => ended.current());
      setTrouble('');
      setShared({ stream, description });
    } catch {
      setTrouble('No window was chosen. Press “Show a window” to choose one.');
    }
  };
  return {
    camera,
    place: camera ? place : 'away',
    window: window_,
    trouble,
    show: (next: CameraPlace) => void show(next),
    shareWindow: (description: string) => void shareWindow(description),
    endWindow,
    action: { label: 'Camera', sign: CAMERA, key: CAMERA_KEY, run: () => void show(NEXT[camera ? place : 'away']) },
  };
}

export type Films = ReturnType<typeof useFilms>;

async function openCamera(): Promise<MediaStream | null> {
  const video = { width: { ideal: 960 }, height: { ideal: 720 }, frameRate: { ideal: 25 } };
  return (await navigator.mediaDevices?.getUserMedia({ video }).catch(() => null)) ?? null;
}

/** Closes a stream in the end. */
function useOpened(stream: MediaStream | null): void {
  useEffect(() => {
    if (!stream) return;
    return () => {
      for (const track of stream.getTracks()) track.stop();
    };
  }, [stream]);
}
