// Changes in hand: another rung, more time, what is left when minutes are lost. What is taken was
// computed by the server and sent along.
import type { FollowItem, InHandView, Segment } from "../api/types";
import { changeoverOf, type Beat } from "./timeline";

export type Late = InHandView["late"][number];

/** Seconds that one touch adds. */
export const MORE = 15;

/** Behind by less than this nobody need hurry, s. */
const BEHIND = 75;

export interface Rungs {
  easier?: FollowItem | null | undefined;
  harder?: FollowItem | null | undefined;
}

/**
 * The versions above and below what is done now. They were computed for the item as it was planned:
 * where less time is left for it there are none.
 */
export function rungsOf(
  inHand: InHandView | undefined,
  planned: readonly FollowItem[],
  item: FollowItem,
): Rungs {
  const rungs = inHand?.rungs.find((r) => r.itemId === item.id);
  const original = planned.find((i) => i.id === item.id);
  if (!rungs || !original) return {};
  const isAs = (other: FollowItem | null | undefined) =>
    other?.drillId === item.drillId && workOf(item) >= workOf(other);
  if (isAs(original)) return rungs;
  if (isAs(rungs.easier)) return { harder: original };
  if (isAs(rungs.harder)) return { easier: original };
  return {};
}

/** The items with one of them done in another version. */
export function withRung(items: readonly FollowItem[], id: string, rung: FollowItem): FollowItem[] {
  return items.map((item) => (item.id === id ? { ...rung, id } : item));
}

function workOf(item: FollowItem): number {
  return item.seconds - (changeoverOf(item) ?? 0);
}

/** The items with one in place for the present one after so many seconds of getting there. */
export function inPlace(
  items: readonly FollowItem[],
  { item, segment }: Beat,
  seconds: number,
): FollowItem[] {
  return items.map((one) =>
    one.id === item.id
      ? {
          ...one,
          seconds: one.seconds - segment.seconds + seconds,
          segments: one.segments.map((s) => (s === segment ? { ...s, seconds } : s)),
        }
      : one,
  );
}

/** The items with more time for the stretch that runs; counted ones get more repetitions. */
export function withMore(items: readonly FollowItem[], { item, segment }: Beat): FollowItem[] {
  const longer: Segment = {
    ...segment,
    seconds: segment.seconds + MORE,
    count:
      segment.count === 0
        ? 0
        : segment.count + Math.max(1, Math.round((MORE * segment.count) / segment.seconds)),
  };
  return items.map((one) =>
    one.id === item.id
      ? {
          ...one,
          seconds: one.seconds + MORE,
          segments: one.segments.map((s) => (s === segment ? longer : s)),
        }
      : one,
  );
}

/**
 * What there is to fit in where the athlete is behind: the next part's beginning and what is left
 * from there on; undefined where nothing need or can be fitted.
 */
export function offered(
  late: readonly Late[],
  items: readonly FollowItem[],
  present: FollowItem,
  secondsLate: number,
): Late | undefined {
  if (secondsLate < BEHIND) return undefined;
  const coming = items.slice(items.indexOf(present) + 1).map((i) => i.id);
  const here = late.filter((l) => l.from === present.id || coming.includes(l.from));
  const from = [present.id, ...coming].find((id) => here.some((l) => l.from === id));
  const choices = here
    .filter((l) => l.from === from)
    .toSorted((a, b) => a.minutesLost - b.minutesLost);
  return choices.find((l) => 60 * l.minutesLost >= secondsLate) ?? choices.at(-1);
}

/** The items up to where what is left begins, and then that. */
export function fitted(items: readonly FollowItem[], late: Late): FollowItem[] {
  const at = items.findIndex((i) => i.id === late.from);
  return at < 0 ? [...items] : [...items.slice(0, at), ...late.items];
}
