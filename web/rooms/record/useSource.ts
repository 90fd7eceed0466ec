import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { openMicrophone, openPracticeVoice, type Source, whyNotHere } from './microphone';

/** Chosen instead of a device: the built-in voice that reads the script aloud. */
export const PRACTICE = 'practice';

export interface ChosenSource {
  source: Source | null;
  /** The id of the device, “default”, or the practice voice. */
  device: string;
  devices: { id: string; label: string }[];
  trouble: string;
  open: (device: string) => Promise<void>;
  /** What is chosen has gone away: it is put down, with a sentence about it. */
  lose: (sentence: string) => void;
}

/** What to record with, and what stands in its way. */
export function useSource(): ChosenSource {
  const [device, setDevice] = useState('');
  const [source, setSource] = useState<Source | null>(null);
  const [trouble, setTrouble] = useState(() => whyNotHere() ?? '');
  const devices = useQuery({
    queryKey: ['microphones', source?.kind],
    queryFn: async () => (await navigator.mediaDevices?.enumerateDevices()) ?? [],
    staleTime: 0,
  });
  useEffect(() => () => source?.close(), [source]);

  const lose = (sentence: string) => {
    setSource(null);
    setTrouble(sentence);
  };
  const open = async (chosen: string) => {
    const obstacle = whyNotHere();
    if (obstacle) return lose(obstacle);
    setDevice(chosen);
    setTrouble('');
    try {
      const opened =
        chosen === PRACTICE ? openPracticeVoice() : openMicrophone(chosen === 'default' ? undefined : chosen);
      setSource(await opened);
    } catch {
      lose(
        'No microphone can be heard. Allow it in the browser’s address bar, plug one in, or choose the practice voice.',
      );
    }
  };
  return {
    source,
    device,
    devices: (devices.data ?? [])
      .filter((each) => each.kind === 'audioinput' && each.deviceId !== '' && each.deviceId !== 'default')
      .map((each, index) => ({ id: each.deviceId, label: each.label || `Microphone ${index + 1}` })),
    trouble,
    open,
    lose,
  };
}
