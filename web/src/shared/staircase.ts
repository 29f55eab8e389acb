// The countdown axis as numbers: what is where, measured back from the start.
import type { AxisItem, Block } from "../api/types";
import type { EngravedStep } from "./engraving";

export interface Tread {
  item: AxisItem;
  /** Fractions of the axis, 0 at its left end, 1 at the start. */
  from: number;
  to: number;
}

export interface Band {
  block: Block;
  from: number;
  to: number;
  seconds: number;
}

/** Seconds the axis spans: the plan, rounded up to whole minutes. */
export function axisSpan(planSeconds: number): number {
  return Math.max(60, Math.ceil(planSeconds / 60) * 60);
}

export function treads(items: readonly AxisItem[], span: number): Tread[] {
  return items.map((item) => ({
    item,
    from: 1 - item.startsBefore / span,
    to: 1 - (item.startsBefore - item.seconds) / span,
  }));
}

/** Narrower than this the pause between two drills would only blacken the picture, px. */
const NARROWEST = 3;

/** Changing over, working and recovering, each as long as it is. */
export function engraved(items: readonly AxisItem[], span: number, pixels: number): EngravedStep[] {
  return treads(items, span).flatMap(({ item, from, to }) => {
    const isSeen = (item.changeSeconds * pixels) / span >= NARROWEST;
    const work = isSeen ? from + item.changeSeconds / span : from;
    const rest = to - item.recoverySeconds / span;
    return [
      { from, to: work, effort: 0 },
      { from: work, to: rest, effort: item.effort, isStroke: item.block === "BUILD" },
      { from: rest, to, effort: item.recoveryEffort },
    ].filter((step) => step.to - step.from > 1e-9);
  });
}

/** Neighbouring items of one block, joined. */
export function bands(items: readonly AxisItem[], span: number): Band[] {
  const joined: Band[] = [];
  for (const { item, from, to } of treads(items, span)) {
    const last = joined.at(-1);
    if (last?.block === item.block) {
      last.to = to;
      last.seconds += item.seconds;
    } else {
      joined.push({ block: item.block, from, to, seconds: item.seconds });
    }
  }
  return joined;
}

/** Shorter than this a pause between two drills would only blacken a small picture, s. */
const PAUSE = 15;

/** Steps that are only lengths, small, ending at the start. */
export function endingAtStart(
  steps: readonly { seconds: number; effort: number }[],
  span: number,
): EngravedStep[] {
  let at = span - steps.reduce((sum, step) => sum + step.seconds, 0);
  return steps.map(({ seconds, effort }, i) => {
    const from = at / span;
    at += seconds;
    const beside = Math.min(steps[i - 1]?.effort ?? 0, steps[i + 1]?.effort ?? 0);
    return { from, to: at / span, effort: seconds < PAUSE ? Math.max(effort, beside) : effort };
  });
}

/** Minutes to label, so that no more than about twelve labels stand on the axis. */
export function ticks(span: number): number[] {
  const minutes = Math.floor(span / 60);
  const step = [1, 2, 5, 10].find((s) => minutes / s <= 12) ?? 10;
  return Array.from({ length: Math.floor(minutes / step) + 1 }, (_, i) => i * step);
}

/**
 * By how many places an item moves when it is let go at a point of the axis: it goes before the
 * first of the others whose middle lies further on, and never behind the way to the start.
 */
export function placesTo(steps: readonly Tread[], id: string, fraction: number): number {
  const from = steps.findIndex((t) => t.item.id === id);
  const others = steps.filter((t) => t.item.id !== id);
  const after = others.findIndex(
    (t) => t.item.block === "TRANSITION" || (t.from + t.to) / 2 > fraction,
  );
  return (after < 0 ? others.length : after) - from;
}
