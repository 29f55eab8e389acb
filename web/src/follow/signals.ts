// Sound and vibration, for gloves and sunlight. Made on the spot, so nothing has to load.

let audio: AudioContext | undefined;

/** Must be called from a tap: browsers allow sound only then. */
export function allowSound(): void {
  audio ??= new AudioContext();
  void audio.resume();
}

function tone(hertz: number, seconds: number, delay = 0): void {
  if (!audio) return;
  const at = audio.currentTime + delay;
  const oscillator = audio.createOscillator();
  const gain = audio.createGain();
  oscillator.frequency.value = hertz;
  gain.gain.setValueAtTime(0.0001, at);
  gain.gain.exponentialRampToValueAtTime(0.4, at + 0.01);
  gain.gain.exponentialRampToValueAtTime(0.0001, at + seconds);
  oscillator.connect(gain).connect(audio.destination);
  oscillator.start(at);
  oscillator.stop(at + seconds);
}

function buzz(pattern: number[]): void {
  if ("vibrate" in navigator) navigator.vibrate(pattern);
}

export function nextItem(): void {
  tone(660, 0.15);
  tone(880, 0.3, 0.18);
  buzz([200, 80, 200]);
}

export function changeSides(): void {
  tone(520, 0.12);
  tone(520, 0.12, 0.2);
  buzz([120, 60, 120]);
}

export function countIn(): void {
  tone(440, 0.08);
  buzz([40]);
}

/** Keeps the screen lit while a warm-up runs; quietly does nothing where that is not offered. */
export async function keepAwake(): Promise<() => void> {
  try {
    const lock = await navigator.wakeLock.request("screen");
    return () => void lock.release();
  } catch {
    return () => undefined;
  }
}
