// A plan as one line of segments; where one is, is only a matter of seconds since the beginning.
import type { FollowItem, Segment } from "../api/types";
import { KITS } from "../shared/words";

export interface Beat {
  item: FollowItem;
  segment: Segment;
  /** Seconds from the beginning of the warm-up. */
  from: number;
  to: number;
  index: number;
}

export function timeline(items: readonly FollowItem[]): Beat[] {
  const beats: Beat[] = [];
  let at = 0;
  for (const item of items) {
    for (const segment of item.segments) {
      beats.push({ item, segment, from: at, to: at + segment.seconds, index: beats.length });
      at += segment.seconds;
    }
  }
  return beats;
}

/** The beat at a time; undefined when the warm-up is over. */
export function beatAt(beats: readonly Beat[], seconds: number): Beat | undefined {
  return beats.find((b) => seconds < b.to);
}

/** Where the item after this beat's begins; the end of the warm-up after the last. */
export function nextItemAt(beats: readonly Beat[], beat: Beat): number {
  return beats.slice(beat.index).find((b) => b.item.id !== beat.item.id)?.from ?? endOf(beats);
}

/** Where "back" goes: the start of this item, or of the one before when barely begun. */
export function previousItemAt(beats: readonly Beat[], beat: Beat, seconds: number): number {
  const own = beats.find((b) => b.item.id === beat.item.id)?.from ?? 0;
  if (seconds - own > 3) return own;
  const before = beats.filter((b) => b.from < own).at(-1);
  return before ? (beats.find((b) => b.item.id === before.item.id)?.from ?? 0) : 0;
}

export function endOf(beats: readonly Beat[]): number {
  return beats.at(-1)?.to ?? 0;
}

/** The repetition to call now, from 1; 0 when the segment runs on the clock. */
export function repetition(beat: Beat, seconds: number): number {
  const { count } = beat.segment;
  if (count === 0) return 0;
  const done = ((seconds - beat.from) / Math.max(1, beat.segment.seconds)) * count;
  return Math.min(count, Math.floor(done) + 1);
}

export function otherSide({ segment }: Beat): "LEFT" | "RIGHT" {
  return segment.side === "LEFT" ? "RIGHT" : "LEFT";
}

/** Whether this is one side and the other follows, at once or after the turn. */
export function comesAnotherSide(beat: Beat, after: Beat | undefined): boolean {
  return (
    beat.segment.kind === "WORK" &&
    beat.segment.side === "LEFT" &&
    after?.item.id === beat.item.id &&
    (after.segment.kind === "SWITCH" || after.segment.side === "RIGHT")
  );
}

/** What the next item needs and this one does not. */
export function toFetch(item: FollowItem, next: FollowItem | undefined): string[] {
  return (next?.kit ?? []).filter((k) => !item.kit.includes(k)).map((k) => KITS[k].toLowerCase());
}
