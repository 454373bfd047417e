import { useEffect } from 'react';

/** Keeps the screen awake while tying, where the browser can. */
export function useAwake(isOn: boolean): void {
  useEffect(() => {
    if (!isOn || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let isGone = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const got = await navigator.wakeLock.request('screen');
        if (isGone) void got.release();
        else lock = got;
      } catch {
        // Refused, as on a low battery: the screen may then sleep.
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      isGone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [isOn]);
}

/** Says a step in the browser’s own voice; silent where there is none. */
export function useVoice(text: string, isOn: boolean): void {
  useEffect(() => {
    if (!isOn || !('speechSynthesis' in window)) return;
    const { speechSynthesis } = window;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(text));
    return () => speechSynthesis.cancel();
  }, [text, isOn]);
}

let audio: AudioContext | undefined;

/** A short chime: higher for a mark that comes, lower for one that is here. */
export function chime(isHere: boolean): void {
  try {
    audio ??= new AudioContext();
    const [tone, level] = [audio.createOscillator(), audio.createGain()];
    tone.frequency.value = isHere ? 523 : 784;
    level.gain.setValueAtTime(0.2, audio.currentTime);
    level.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.5);
    tone.connect(level).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + 0.5);
  } catch {
    // No sound here.
  }
}
