// A warm-up of five items, and a day of touches on it.
import type { FollowItem, FollowView, Segment } from "../api/types";
import type { Touch } from "../follow/playing";

const segment = (kind: Segment["kind"], seconds: number): Segment => ({
  kind,
  seconds,
  side: "BOTH",
  count: 0,
  note: "",
});

const item = (id: string, block: FollowItem["block"], ...segments: Segment[]): FollowItem =>
  ({
    id,
    drillId: id,
    block,
    name: id,
    seconds: segments.reduce((sum, s) => sum + s.seconds, 0),
    segments,
  }) as unknown as FollowItem;

export const ITEMS = [
  item("jog", "RAISE", segment("WORK", 240)),
  item("swings", "MOBILISE", segment("CHANGE", 6), segment("WORK", 30)),
  item("skips", "ACTIVATE", segment("CHANGE", 8), segment("WORK", 20), segment("RECOVER", 20)),
  item("stride", "BUILD", segment("WORK", 14), segment("RECOVER", 60)),
  item("settle", "TRANSITION", segment("WORK", 180)),
];
export const VIEW = { items: ITEMS } as unknown as FollowView;

export const EASIER_SKIPS = item("march", "ACTIVATE", segment("CHANGE", 8), segment("WORK", 40));

/** Numbers that look like chance and are the same every time. */
function chance(seed: number): () => number {
  let state = seed * 2_654_435_761 + 1;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state / 2_147_483_648;
  };
}

export interface Moment {
  /** ms from the beginning. */
  at: number;
  touch: Touch;
}

/** Touches at times. */
export function day(seed: number, kinds: readonly Touch["kind"][]): Moment[] {
  const next = chance(seed);
  let at = 0;
  const moments: Moment[] = [];
  for (let i = 0; i < 12; i++) {
    at += Math.floor(90_000 * next());
    const kind = kinds[Math.floor(kinds.length * next())] ?? "TIME";
    moments.push({ at, touch: { kind } as Touch });
  }
  return moments;
}
