import type { Programme } from '../stage/programme';

/** What a student answered; the model answer comes once it may be seen. */
export interface GivenAnswer {
  given: string;
  readable: string;
  earned?: number | null;
  outOf?: number;
  model?: string;
  sentence?: string;
}

export interface VisitState {
  position: number;
  handedIn: boolean;
  answers: Record<string, GivenAnswer>;
}

/** A shared lesson as the server gives it to a student. */
export interface WatchedLesson extends Programme {
  student: string;
  instructions: string;
  due: string | null;
  aims: string[];
  materials: string[];
  before: string;
  next: string;
  /** Address of pages to print, if there are any. */
  handout?: string | null;
  visit: VisitState;
}
