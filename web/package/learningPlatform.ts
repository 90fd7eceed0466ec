/** The calls of the SCORM 1.2 run-time environment (ADL, section 3.3) that are made here. */
interface RunTime {
  LMSInitialize(nothing: ''): string;
  LMSGetValue(element: string): string;
  LMSSetValue(element: string, value: string): string;
  LMSCommit(nothing: ''): string;
  LMSFinish(nothing: ''): string;
}

/** Windows that are looked through for the platform, as the standard has it. */
const MOST_WINDOWS = 7;

/** Letters that suspend_data holds (CMIString4096). */
const LONGEST = 4096;

/** What a lesson tells the platform it was opened in, and remembers there; without one it remembers in the browser. */
export interface Platform {
  remembered(): string;
  remember(state: string): void;
  tell(share: number, isDone: boolean): void;
  leave(): void;
}

function findRunTime(from: Window): RunTime | null {
  let here: Window | null = from;
  for (let seen = 0; here && seen < MOST_WINDOWS; seen++) {
    try {
      const { API } = here as Window & { API?: RunTime };
      if (API) return API;
    } catch {
      // A window of another origin keeps its own to itself.
    }
    here = here.parent === here ? here.opener : here.parent;
  }
  return null;
}

/** “HHHH:MM:SS.SS”, as CMITimespan has it. */
export function timespan(milliseconds: number): string {
  const seconds = Math.max(0, milliseconds) / 1000;
  const two = (value: number) => String(Math.floor(value)).padStart(2, '0');
  const rest = (seconds % 60).toFixed(2).padStart(5, '0');
  return `${String(Math.floor(seconds / 3600)).padStart(4, '0')}:${two((seconds / 60) % 60)}:${rest}`;
}

function onPlatform(runTime: RunTime): Platform {
  const begun = Date.now();
  runTime.LMSInitialize('');
  if (runTime.LMSGetValue('cmi.core.lesson_status') === 'not attempted') {
    runTime.LMSSetValue('cmi.core.lesson_status', 'incomplete');
    runTime.LMSCommit('');
  }
  let hasLeft = false;
  return {
    remembered: () => runTime.LMSGetValue('cmi.suspend_data'),
    remember: (state) => {
      // What does not fit is left behind whole: half of it could not be read.
      if (state.length <= LONGEST) runTime.LMSSetValue('cmi.suspend_data', state);
      runTime.LMSCommit('');
    },
    tell: (share, isDone) => {
      runTime.LMSSetValue('cmi.core.score.min', '0');
      runTime.LMSSetValue('cmi.core.score.max', '100');
      runTime.LMSSetValue('cmi.core.score.raw', String(Math.round(share * 100)));
      if (isDone) runTime.LMSSetValue('cmi.core.lesson_status', 'completed');
      runTime.LMSCommit('');
    },
    leave: () => {
      if (hasLeft) return;
      hasLeft = true;
      runTime.LMSSetValue('cmi.core.session_time', timespan(Date.now() - begun));
      runTime.LMSSetValue('cmi.core.exit', 'suspend');
      runTime.LMSFinish('');
    },
  };
}

function inBrowser(key: string): Platform {
  return {
    remembered: () => {
      try {
        return localStorage.getItem(key) ?? '';
      } catch {
        return '';
      }
    },
    remember: (state) => {
      try {
        localStorage.setItem(key, state);
      } catch {
        // A browser that keeps nothing begins anew the next time.
      }
    },
    tell: () => undefined,
    leave: () => undefined,
  };
}

export function platformOf(window: Window, lesson: string): Platform {
  const runTime = findRunTime(window);
  return runTime ? onPlatform(runTime) : inBrowser(`daybright-package ${lesson}`);
}
