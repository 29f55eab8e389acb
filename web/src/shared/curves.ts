// The body's curves in register with the countdown axis, as numbers.
import type { Readiness } from "../api/types";

/** Highest warmth that is drawn, hundredths of a °C above rest. */
const WARMEST = 400;

/** A point on the picture: fractions of the axis and of the height, from the top left. */
export interface Point {
  x: number;
  y: number;
}

/** Where the figures of a curve stand: the last at the start, the others back from it. */
export function points(
  figures: readonly number[],
  step: number,
  span: number,
  most: number,
): Point[] {
  return figures.map((figure, i) => ({
    x: 1 - ((figures.length - 1 - i) * step) / span,
    y: 1 - Math.max(0, Math.min(1, figure / most)),
  }));
}

export function warmthPoints(figures: readonly number[], step: number, span: number): Point[] {
  return points(figures, step, span, WARMEST);
}

/** Height of a warmth, °C, as a fraction from the top. */
export function warmthAt(degrees: number): number {
  return 1 - (100 * degrees) / WARMEST;
}

/** Two lines of text that do not touch, as a fraction of the height. */
const APART = 0.2;

/** Above the flag of the start. */
const LOWEST = 0.7;

/** Where the names of the curves stand at the start: beside their ends, as far as both fit. */
export function endsAt(freshness: number, warmth: number): { fresh: number; warm: number } {
  const fresh = Math.min(LOWEST - APART, 1 - freshness / 104);
  const warm = Math.min(LOWEST, warmthAt(warmth));
  if (Math.abs(fresh - warm) >= APART) return { fresh, warm };
  return warm < fresh ? { fresh: warm + APART, warm } : { fresh, warm: fresh + APART };
}

/** An SVG path through points, in a box of the given size. */
export function path(through: readonly Point[], width: number, height: number): string {
  return through
    .map((p, i) => `${i === 0 ? "M" : "L"}${(p.x * width).toFixed(1)} ${(p.y * height).toFixed(1)}`)
    .join("");
}

/** A closed path between an upper and a lower line. */
export function band(
  upper: readonly Point[],
  lower: readonly Point[],
  width: number,
  height: number,
): string {
  return `${path(upper, width, height)}L${path([...lower].reverse(), width, height).slice(1)}Z`;
}

export interface Reading {
  /** Seconds before the start. */
  before: number;
  /** °C above rest, in halves: the model knows no better. */
  warmth: number;
  freshness: number;
  heart: number;
}

/** Everything at a place on the axis; undefined before the warm-up begins. */
export function readingAt(
  readiness: Readiness,
  span: number,
  fraction: number,
): Reading | undefined {
  const last = readiness.warmth.length - 1;
  const back = Math.round(((1 - fraction) * span) / readiness.step);
  const at = last - back;
  if (at < 0 || at > last) return undefined;
  return {
    before: back * readiness.step,
    warmth: Math.round((readiness.warmth[at] ?? 0) / 50) / 2,
    freshness: readiness.freshness[at] ?? 0,
    heart: readiness.heart[at] ?? 0,
  };
}
