// A warm-up that is led: steps that all do together, each with the athlete's own version in it.
import type { FollowItem, LeadState, LeadStep, Segment } from "../api/types";
import { BLOCKS } from "../shared/words";
import { seconds, type Stopwatch } from "../running/stopwatch";

/** What a step is called: several things in a row are their part. */
export function nameOf(step: LeadStep): string {
  return step.rows.length > 1 ? BLOCKS[step.block] : step.name;
}

/** How long each step takes with what was added, s. */
export function lengths(steps: readonly LeadStep[], state: LeadState): number[] {
  return steps.map((step, i) => step.seconds + (state.added[i] ?? 0));
}

/** The step at a time; past the last one there is none. */
export function stepAt(
  all: readonly number[],
  at: number,
): { index: number; from: number; to: number } | undefined {
  let from = 0;
  for (const [index, length] of all.entries()) {
    if (at < from + length) return { index, from, to: from + length };
    from += length;
  }
  return undefined;
}

/** The clock of a lead by the own clock. */
export function watchOfLead(state: LeadState, offset: number): Stopwatch {
  return state.zero == null
    ? { zero: undefined, held: state.heldMillis / 1000 }
    : { zero: state.zero - offset, held: 0 };
}

/** One athlete's items, so that each begins with its step and lasts until all are done with it. */
export function inLead(
  steps: readonly LeadStep[],
  state: LeadState,
  own: readonly FollowItem[],
): FollowItem[] {
  return steps.flatMap((step, i) => {
    const added = state.added[i] ?? 0;
    const items = step.itemIds.flatMap((id) => own.find((one) => one.id === id) ?? []);
    return items.length > 0
      ? together(items, step.seconds + added, added)
      : [meanwhile(step, i, step.seconds + added)];
  });
}

/** Whether it only fills the time in which others do something. */
export function isMeanwhile(item: FollowItem): boolean {
  return item.drillId === "";
}

/** Seconds of the athlete's own plan that are behind them at a time of the lead. */
export function ownSeconds(
  led: readonly FollowItem[],
  own: readonly FollowItem[],
  watch: Stopwatch,
  now: number,
): number {
  const all = led.map((item) => sum(item.segments));
  const at = seconds(watch, now);
  const step = stepAt(all, Math.max(0, at));
  const done = led.slice(0, step?.index ?? led.length).filter((item) => !isMeanwhile(item));
  const present = step && led[step.index];
  const into = present && !isMeanwhile(present) ? at - step.from : 0;
  const before = own.filter((item) => done.some((d) => d.id === item.id));
  const whole = before.reduce((total, item) => total + sum(item.segments), 0);
  const planned = own.find((item) => item.id === present?.id);
  return whole + Math.max(0, Math.min(into, planned ? sum(planned.segments) : 0));
}

function sum(segments: readonly Segment[]): number {
  return segments.reduce((total, s) => total + s.seconds, 0);
}

function meanwhile(step: LeadStep, index: number, length: number): FollowItem {
  return {
    id: `meanwhile-${index}`,
    drillId: "",
    block: step.block,
    name: "Keep moving",
    dose: { text: "", figures: [] },
    startsBefore: 0,
    seconds: length,
    changeSeconds: 0,
    recoverySeconds: 0,
    effort: 20,
    recoveryEffort: 20,
    target: null,
    easier: null,
    harder: null,
    segments: [rest(length, `the others: ${nameOf(step)}`)],
    cues: ["easy, until your next drill"],
    caution: "",
    kit: [],
  };
}

/** What one athlete does in a step: the last of it lasts until all are done. */
function together(items: readonly FollowItem[], length: number, added: number): FollowItem[] {
  let left = length;
  return items.flatMap((item, i) => {
    if (left <= 0) return [];
    const isLast = i === items.length - 1;
    const segments = isLast
      ? lasting(item.segments, left, added)
      : lasting(item.segments, Math.min(left, sum(item.segments)), 0);
    left -= sum(segments);
    return [{ ...item, segments }];
  });
}

/** The stretches with time added to the last that is worked, and filled up or cut to a length. */
function lasting(segments: readonly Segment[], length: number, added: number): Segment[] {
  const last = segments.findLastIndex((s) => s.kind === "WORK");
  const longer = segments.map((s, i) =>
    i === last && added > 0
      ? {
          ...s,
          seconds: s.seconds + added,
          count: Math.round(s.count * (1 + added / Math.max(1, s.seconds))),
        }
      : s,
  );
  const fitting: Segment[] = [];
  let left = length;
  for (const segment of longer) {
    if (left <= 0) break;
    fitting.push(segment.seconds <= left ? segment : { ...segment, seconds: left });
    left -= segment.seconds;
  }
  if (left > 0) fitting.push(rest(left, "until all are done"));
  return fitting;
}

function rest(length: number, note: string): Segment {
  return { kind: "RECOVER", side: "BOTH", seconds: length, count: 0, note };
}
