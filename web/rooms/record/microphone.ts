import { useEffect, useRef, useState } from 'react';

/** A source of sound to record: a microphone, or the practice voice. */
export interface Source {
  kind: 'microphone' | 'practice';
  stream: MediaStream;
  close: () => void;
  /** Speaks a line; only the practice voice does. */
  speak?: (wav: ArrayBuffer) => Promise<void>;
  stopSpeaking?: () => void;
}

/** The form of the pieces: every beginning of it can be decoded. */
export const RECORDED_TYPE = 'audio/webm;codecs=opus';

/** @returns why nothing can be recorded in this browser, or null */
export function whyNotHere(): string | null {
  if (!navigator.mediaDevices)
    return 'The browser opens a microphone only over a secure address (https) or on the server’s own machine. Ask whoever runs the server.';
  if (!window.MediaRecorder?.isTypeSupported(RECORDED_TYPE))
    return 'This browser cannot record sound in pieces that survive a crash. Open the lesson in another browser to record it.';
  return null;
}

export async function openMicrophone(device: string | undefined): Promise<Source> {
  const stream = await navigator.mediaDevices.getUserMedia({
    // The browser's own improvements raise the first seconds and clip them.
    audio: {
      deviceId: device ? { exact: device } : undefined,
      echoCancellation: false,
      noiseSuppression: false,
      autoGainControl: false,
      channelCount: 1,
    },
  });
  return {
    kind: 'microphone',
    stream,
    close: () => {
      for (const track of stream.getTracks()) track.stop();
    },
  };
}

/** The practice voice speaks into the same kind of stream that a microphone gives. */
export async function openPracticeVoice(): Promise<Source> {
  const context = new AudioContext({ sampleRate: 48000 });
  await context.resume();
  const out = context.createMediaStreamDestination();
  // A little hiss, as a real room has: a stream of nothing at all would be taken for a broken cable.
  const hiss = context.createBufferSource();
  const noise = context.createBuffer(1, 48000, 48000);
  const samples = noise.getChannelData(0);
  for (let index = 0; index < samples.length; index++) samples[index] = (Math.random() - 0.5) * 0.002;
  hiss.buffer = noise;
  hiss.loop = true;
  hiss.connect(out);
  hiss.start();
  let speaking: AudioBufferSourceNode | null = null;
  const stopSpeaking = () => {
    speaking?.stop();
    speaking = null;
  };
  return {
    kind: 'practice',
    stream: out.stream,
    stopSpeaking,
    speak: async (wav) => {
      const buffer = await context.decodeAudioData(wav.slice(0));
      stopSpeaking();
      const voice = context.createBufferSource();
      voice.buffer = buffer;
      voice.connect(out);
      voice.start();
      speaking = voice;
    },
    close: () => {
      stopSpeaking();
      void context.close();
    },
  };
}

export interface Level {
  /** 0 to 1, the loudest of the last moment. */
  peak: number;
  isClipping: boolean;
  /** Seconds of nothing but silence. */
  silent: number;
}

const QUIET_PEAK = 0.0008;

/** Listens to a stream and measures how loud it is. */
export function useLevel(stream: MediaStream | null): Level {
  const [level, setLevel] = useState<Level>({ peak: 0, isClipping: false, silent: 0 });
  const clippedAt = useRef(0);
  useEffect(() => {
    if (!stream) return;
    const context = new AudioContext();
    const analyser = context.createAnalyser();
    analyser.fftSize = 2048;
    context.createMediaStreamSource(stream).connect(analyser);
    const samples = new Float32Array(analyser.fftSize);
    let soundAt = performance.now();
    const timer = setInterval(() => {
      if (context.state === 'suspended') {
        void context.resume();
        return;
      }
      analyser.getFloatTimeDomainData(samples);
      const peak = samples.reduce((most, each) => Math.max(most, Math.abs(each)), 0);
      const now = performance.now();
      if (peak > QUIET_PEAK) soundAt = now;
      if (peak >= 0.99) clippedAt.current = now;
      setLevel({
        peak,
        isClipping: now - clippedAt.current < 1500 && clippedAt.current > 0,
        silent: (now - soundAt) / 1000,
      });
    }, 60);
    return () => {
      clearInterval(timer);
      void context.close();
    };
  }, [stream]);
  return level;
}
