import { useEffect, useState } from 'react';
import type { LessonWork } from './kept/LessonWork';
import { PlaceTeller } from './PlaceTeller';

/** Keeps on the server how far a student has come. */
export function usePlaceKept(work: LessonWork, at: number, isPlaying: boolean): void {
  const [teller] = useState(() => new PlaceTeller((place) => work.place(place), at));
  useEffect(() => teller.begin(), [teller]);
  useEffect(() => teller.moved(at, isPlaying), [teller, at, isPlaying]);
}
