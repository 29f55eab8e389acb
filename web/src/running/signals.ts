// Sound and vibration, for gloves and sunlight. Made on the spot, so nothing has to load.

import { has } from "./senses";

let audio: AudioContext | undefined;

/** Must be called from a tap: browsers allow sound only then. */
export function allowSound(): void {
  try {
    audio ??= new AudioContext();
    void audio.resume().catch(() => undefined);
  } catch {
    // No sound on this device, or none allowed: the screen says it all.
  }
}

function tone(hertz: number, seconds: number, delay = 0): void {
  if (!audio || !has("sound")) return;
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

export function buzz(pattern: number[]): void {
  if (has("vibration") && "vibrate" in navigator) navigator.vibrate(pattern);
}

/** In the browser's own voice, where it has one; what was being said is broken off. */
export function speak(words: string): void {
  if (!has("speech") || !("speechSynthesis" in window)) return;
  const said = new SpeechSynthesisUtterance(words);
  said.lang = "en-GB";
  speechSynthesis.cancel();
  speechSynthesis.speak(said);
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

/** The other side, or another direction, comes next. */
export function changeComes(): void {
  tone(520, 0.12);
  buzz([60]);
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
