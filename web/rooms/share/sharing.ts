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
  state: 'waiting' | 'making' | 'ready' | 'failed' | 'cancelled';
  progress: number;
  bytes: number;
  trouble: string | null;
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
  export: Export | null;
  /** Bytes, about. */
  archive: number;
  sizes: { sound: number; data: number } | null;
}
