// A plan as one line of segments; where one is, is only a matter of seconds since the beginning.
import type { FollowItem, Phrase, Segment } from "../api/types";
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

/** Seconds of getting to an item; undefined where nothing is to be got to. */
export function changeoverOf(item: FollowItem): number | undefined {
  const changes = item.segments.filter((s) => s.kind === "CHANGE");
  return changes.length === 0 ? undefined : changes.reduce((sum, s) => sum + s.seconds, 0);
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

/** The seconds of one movement with a rate in which each stroke is counted. */
const COUNTED_STROKES = 60;

/** Which stroke of how many is next, where an effort has a rate and is short enough to count. */
export function stroke({ item, segment, from }: Beat, at: number): [number, number] | undefined {
  const rate = item.target?.ratePerMinute ?? 0;
  if (rate === 0 || segment.kind !== "WORK" || segment.seconds > COUNTED_STROKES) return undefined;
  const all = Math.round((segment.seconds * rate) / 60);
  return [Math.min(all, Math.floor(((at - from) * rate) / 60) + 1), all];
}

/** One way down a lane: which one, and what it is called. */
export interface Way {
  /** As the dose says it. */
  length: Phrase;
  isBack: boolean;
  number: number;
  of: number;
  /** Whether one turns at its end. */
  turns: boolean;
}

/** Undefined where one does not go by a distance. */
export function wayOf({ item, segment }: Beat): Way | undefined {
  const figure = item.dose.figures[0];
  if (figure?.kind !== "LENGTH" || segment.kind !== "WORK" || segment.count > 0) return undefined;
  const at = item.segments.indexOf(segment);
  const isTurn = (s: Segment | undefined) => s?.kind === "SWITCH";
  const outs = item.segments.filter((s, i) => s.kind === "WORK" && !isTurn(item.segments[i - 1]));
  const before = item.segments.slice(0, at + 1);
  return {
    length: { text: "{0}", figures: [figure] },
    isBack: isTurn(item.segments[at - 1]),
    number: before.filter((s) => outs.includes(s)).length,
    of: outs.length,
    turns: isTurn(item.segments[at + 1]),
  };
}
