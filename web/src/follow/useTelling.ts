// What is told of a warm-up that runs.
import { useEffect, useRef } from "react";
import type { FollowItem } from "../api/types";
import { isMeanwhile } from "../lead/steps";
import type { Happening } from "./keeping";
import { seconds, type Stopwatch } from "../running/stopwatch";
import { beatAt, changeoverOf, type Beat } from "./timeline";

/** Tells what happened, now unless said otherwise. */
export type Tell = (happening: Omit<Happening, "at">, at?: number) => void;

/** The clock of a lead, and which change of it this is. */
interface Led {
  state: { number: number };
  watch: Stopwatch;
}

/** A lead that goes on by more than this at once has left something out, s. */
const JUMP = 1;

/**
 * Tells what begins and what is over, each once, and in order where several passed unseen; what is
 * given back leaves one out. What the leader skips is skipped.
 */
export function useTelling(
  beats: readonly Beat[],
  beat: Beat | undefined,
  isResumed: boolean,
  tell: Tell,
  led: Led | undefined,
  clock: () => number,
): (id: string) => void {
  const skip = useRef(new Set<string>());
  const last = useRef<string>(undefined);
  const isOver = useRef(false);
  const latest = useRef({ tell, led, clock });
  const before = useRef<Led>(undefined);
  useEffect(() => {
    latest.current = { tell, led, clock };
  });
  const present = beat?.item.id;
  const change = led?.state.number;
  useEffect(() => {
    const { tell: say, led: lead, clock: read } = latest.current;
    // What is shown may be older: a busy phone draws late.
    const instant = read();
    const was = before.current;
    before.current = lead;
    if (!lead || !was || was.state.number === change) return;
    const at = seconds(was.watch, instant);
    if (seconds(lead.watch, instant) - at < JUMP) return;
    // A moment later: clocks differ by less than that.
    const there = beatAt(beats, seconds(lead.watch, instant) + JUMP / 2)?.item.id;
    for (const [i, left] of leftOut(beats, at, there).entries()) {
      skip.current.add(left.item.id);
      const done = i === 0 ? Math.max(0, Math.round(at - left.from)) : 0;
      if (isMeanwhile(left.item)) continue;
      const { id, drillId } = left.item;
      say({ kind: "SKIPPED", item: id, drill: drillId, reason: "UNSAID", seconds: done });
    }
  }, [beats, change]);
  useEffect(() => {
    const { tell: say } = latest.current;
    const all = itemsOf(beats);
    if (last.current === undefined) {
      say({ kind: isResumed ? "RESUMED" : "BEGUN" });
    } else if (last.current !== present) {
      const from = all.findIndex((i) => i.id === last.current);
      const to = present === undefined ? all.length : all.findIndex((i) => i.id === present);
      for (const over of from < 0 ? [] : all.slice(from, to)) {
        if (skip.current.has(over.id) || isMeanwhile(over)) continue;
        const whole = over.segments.reduce((sum, s) => sum + s.seconds, 0);
        const change = changeoverOf(over);
        if (change !== undefined) say({ kind: "CHANGED_OVER", item: over.id, seconds: change });
        say({ kind: "ITEM_DONE", item: over.id, drill: over.drillId, seconds: whole });
      }
    }
    if (last.current !== present) skip.current.clear();
    if (present === undefined) {
      if (!isOver.current) say({ kind: "ENDED" });
      isOver.current = true;
    } else if (last.current !== present) {
      isOver.current = false;
      const began = all.find((i) => i.id === present);
      if (began && !isMeanwhile(began)) {
        say({ kind: "ITEM_STARTED", item: began.id, drill: began.drillId });
      }
    }
    last.current = present ?? "";
  }, [beats, present, isResumed]);
  return (id) => {
    skip.current.add(id);
  };
}

function itemsOf(beats: readonly Beat[]): FollowItem[] {
  return [...new Map(beats.map((b) => [b.item.id, b.item])).values()];
}

/** The first beats of the items from a time on, up to the present one. */
function leftOut(beats: readonly Beat[], at: number, present: string | undefined): Beat[] {
  const items = itemsOf(beats);
  const from = items.findIndex((i) => i.id === beatAt(beats, Math.max(0, at))?.item.id);
  const to = present === undefined ? items.length : items.findIndex((i) => i.id === present);
  if (from < 0) return [];
  return items.slice(from, to).flatMap((i) => beats.find((b) => b.item.id === i.id) ?? []);
}
