export interface Release {
  id: string;
  number: number;
  state: 'making' | 'ready' | 'failed';
  trouble: string | null;
  at: string;
  minutes: number;
  full: number;
}

export interface Export {
  id: string;
  release: string;
  format: string;
  state: 'waiting' | 'making' | 'ready' | 'failed' | 'cancelled';
  progress: number;
  bytes: number;
  trouble: string | null;
}

/** What can be taken away in one format. */
export interface LessonFile {
  format: string;
  label: string;
  about: string;
  /** Made on the queue; others are written while one waits. */
  takesLong: boolean;
  /** Why it cannot be written now, and what to do. */
  obstacle: string | null;
  /** About; null where it is not known before. */
  bytes: number | null;
  export: Export | null;
}

export interface ShareAnswer {
  releases: Release[];
  changedSince: boolean;
  classrooms: { id: string; name: string; code: string }[];
  shares: {
    id: string;
    classroom: string;
    name: string;
    code: string;
    instructions: string;
    due: string;
    ready: boolean;
  }[];
  files: LessonFile[];
  sizes: { sound: number; data: number } | null;
}
