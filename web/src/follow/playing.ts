// The player as a pure state machine: touches and time go in, the new state and the events to send
// come out. It has no clock and no page of its own.
import type { Decided, FollowItem, FollowView, LookInput, MarkInput } from "../api/types";
import { checkpointsOf, withDecided, type Checkpoint } from "../decision/look";
import { inLead, isMeanwhile, ownSeconds } from "../lead/steps";
import { moveTo, pause, seconds, start, STOPPED, type Stopwatch } from "../running/stopwatch";
import type { Happening as Event, Place } from "./keeping";
import { fitted, inPlace, MORE, withMore, withRung, type Late } from "./refit";
import {
  beatAt,
  changeoverOf,
  endOf,
  nextItemAt,
  previousItemAt,
  timeline,
  type Beat,
} from "./timeline";
import type { Led } from "./useLed";

/** What happened, but for when. */
export type Happening = Omit<Event, "at">;

type Reason = NonNullable<Happening["reason"]>;

export interface Skipped {
  id: string;
  name: string;
  seconds: number;
  at: number;
}

export interface Playing {
  /** The athlete's own, other rungs and what was fitted anew included. */
  readonly items: FollowItem[];
  /** The athlete's own clock. */
  readonly watch: Stopwatch;
  readonly isJacketOff: boolean;
  readonly looked: readonly Checkpoint[];
  readonly marks: readonly MarkInput[];
  /** Where the coach leads, the clock and the order are theirs. */
  readonly led: Led | undefined;
  /** Everything that is shown, one after the other. */
  readonly beats: readonly Beat[];
  readonly isResumed: boolean;
  /** What ran when it was last looked: nothing before the first look, "" when all was over. */
  readonly present: string | undefined;
  readonly isEnded: boolean;
  /** What is not told as done when it is over. */
  readonly leftOut: readonly string[];
  readonly skipped: Skipped | undefined;
}

/** What can happen to a player; the kinds without more are single touches. */
export type Touch =
  | { kind: "TIME" | "SKIP" | "BACK" | "HOLD" | "MORE" | "IN_PLACE" | "JACKET_OFF" | "RAISED" }
  | { kind: "LED"; led: Led | undefined }
  | { kind: "RUNG"; rung: FollowItem }
  | { kind: "FIT"; late: Late }
  | { kind: "TOP_UP"; items: FollowItem[] }
  | { kind: "WHY"; reason: Reason }
  | { kind: "ALL_WELL"; checkpoint: Checkpoint }
  | { kind: "LOOK"; look: LookInput; decided: Decided };

/** A page that was closed for less than this was only reloaded: the clock went on, ms. */
const RELOADED = 60_000;

/** A lead that goes on by more than this at once has left something out, s. */
const JUMP = 1;

/** Where the clock of a warm-up that was left stands. */
export function watchOf(place: Place, now: number): Stopwatch {
  return Math.abs(now - place.seenAt) < RELOADED
    ? place.watch
    : { zero: undefined, held: place.at };
}

/** A player that begins now, or goes on from where it was left. */
export function begin(
  view: FollowView,
  place: Place | undefined,
  led: Led | undefined,
  now: number,
): Playing {
  const items = place?.items ?? view.items;
  return {
    items,
    watch: start(place ? watchOf(place, now) : STOPPED, now),
    isJacketOff: place?.isJacketOff ?? false,
    looked: place?.looked ?? [],
    marks: place?.marks ?? [],
    led,
    beats: laidOut(items, led),
    isResumed: place !== undefined,
    present: undefined,
    isEnded: false,
    leftOut: [],
    skipped: undefined,
  };
}

/** Where a player is. */
export interface Here {
  watch: Stopwatch;
  isPaused: boolean;
  /** Seconds from the beginning. */
  at: number;
  /** Undefined when all is over. */
  beat: Beat | undefined;
}

export function hereOf({ led, watch: own, beats }: Playing, now: number): Here {
  const watch = led?.watch ?? own;
  const at = Math.min(endOf(beats), seconds(watch, now));
  return { watch, isPaused: watch.zero === undefined, at, beat: beatAt(beats, at) };
}

/** Where the present item began. */
export function beganOf(beats: readonly Beat[], { item }: Beat): number {
  return beats.find((b) => b.item.id === item.id)?.from ?? 0;
}

export function itemsOf(beats: readonly Beat[]): FollowItem[] {
  return [...new Map(beats.map((b) => [b.item.id, b.item])).values()];
}

/** Where one is in the own plan, whoever's clock it is. */
export function placeOf(player: Playing, now: number): Pick<Place, "watch" | "at" | "seenAt"> {
  const { led, items, beats } = player;
  const { watch, at } = hereOf(player, now);
  if (!led) return { watch, at, seenAt: now };
  const done = ownSeconds(itemsOf(beats), items, watch, now);
  return { watch: moveTo(watch, done, now), at: done, seenAt: now };
}

/** The checkpoint that was just passed, unless somebody has looked. */
export function lookNow(
  planned: readonly FollowItem[],
  { beats, looked }: Playing,
  present: FollowItem,
): Checkpoint | undefined {
  const items = itemsOf(beats);
  const before = items[items.indexOf(present) - 1];
  const checkpoint = before && checkpointsOf(planned).get(before.id);
  return checkpoint && !looked.includes(checkpoint) ? checkpoint : undefined;
}

/** Returns the state after a touch, and the events to send, in order. */
export function step(
  before: Playing,
  touch: Touch,
  now: number,
): { player: Playing; told: Happening[] } {
  const told: Happening[] = [];
  // Items that passed while the phone slept come before the touch.
  const until = passed(before, now, told);
  const changed = { ...until, ...after(until, touch, now, told) };
  const { items, led } = changed;
  const isLaidAnew = items !== until.items || led !== until.led;
  const player = isLaidAnew ? { ...changed, beats: laidOut(items, led) } : changed;
  const gone = touch.kind === "LED" ? leftByLead(until.led, player, now, told) : {};
  return { player: passed({ ...player, ...gone }, now, told), told };
}

function laidOut(items: readonly FollowItem[], led: Led | undefined): Beat[] {
  return timeline(led ? inLead(led.steps, led.state, items) : items);
}

function after(player: Playing, touch: Touch, now: number, told: Happening[]): Partial<Playing> {
  const { items, watch, led, beats, looked, marks } = player;
  const { at, beat, isPaused } = hereOf(player, now);
  const go = (target: number) => ({ watch: moveTo(watch, target, now) });
  switch (touch.kind) {
    case "LED":
      return { led: touch.led };
    case "TOP_UP":
      return { items: touch.items, watch: start(STOPPED, now), skipped: undefined };
    case "ALL_WELL":
      return { looked: [...looked, touch.checkpoint] };
    case "JACKET_OFF":
      told.push({ kind: "JACKET_OFF" });
      return { isJacketOff: true };
    case "HOLD":
      told.push({ kind: isPaused ? "RESUMED" : "PAUSED" });
      return { watch: isPaused ? start(watch, now) : pause(watch, now) };
    case "WHY": {
      const { skipped } = player;
      if (!skipped) return {};
      told.push({
        kind: "SKIPPED",
        item: skipped.id,
        reason: touch.reason,
        seconds: skipped.seconds,
      });
      return { skipped: undefined };
    }
    case "TIME":
      return {};
  }
  if (!beat) return {};
  const { item } = beat;
  const began = beganOf(beats, beat);
  const done = Math.round(at - began);
  const leftOut = [...player.leftOut, item.id];
  switch (touch.kind) {
    case "SKIP":
      told.push({
        kind: "SKIPPED",
        item: item.id,
        drill: item.drillId,
        reason: "UNSAID",
        seconds: done,
      });
      return {
        leftOut,
        skipped: { id: item.id, name: item.name, seconds: done, at: now },
        ...go(nextItemAt(beats, beat)),
      };
    case "RAISED":
      told.push({ kind: "ITEM_DONE", item: item.id, drill: item.drillId, seconds: done });
      return { leftOut, ...go(nextItemAt(beats, beat)) };
    case "BACK":
      told.push({ kind: "REPEATED", item: item.id });
      return go(previousItemAt(beats, beat, at));
    case "MORE":
      told.push({ kind: "TIME_ADDED", item: item.id, seconds: MORE });
      return { items: withMore(items, beat) };
    case "IN_PLACE": {
      const taken = Math.max(1, Math.round(at - beat.from));
      return { items: inPlace(items, beat, taken), ...go(beat.from + taken) };
    }
    case "RUNG":
      told.push({ kind: "RUNG_CHANGED", item: item.id, drill: touch.rung.drillId, seconds: done });
      return { items: withRung(items, item.id, touch.rung), ...(led ? {} : go(began)) };
    case "FIT": {
      const { from, dropped } = touch.late;
      for (const gone of items.slice(items.findIndex((i) => i.id === from))) {
        if (dropped.includes(gone.name)) {
          told.push({
            kind: "SKIPPED",
            item: gone.id,
            drill: gone.drillId,
            reason: "SHORT_OF_TIME",
          });
        }
      }
      return { items: fitted(items, touch.late), ...(from === item.id ? go(began) : {}) };
    }
    case "LOOK": {
      const { look, decided } = touch;
      told.push({ kind: "LOOKED", look });
      const seen = { looked: [...looked, look.checkpoint], marks: [...marks, ...look.marks] };
      if (led) return seen;
      if (look.decided === "STOP") {
        if (!isPaused) told.push({ kind: "PAUSED" });
        return { ...seen, watch: pause(watch, now) };
      }
      return look.isTaken && decided.items.length > 0
        ? { ...seen, items: withDecided(items, item.id, decided.items), ...go(began) }
        : seen;
    }
  }
}

/** Marks the items that the leader jumps over as skipped. */
function leftByLead(
  was: Led | undefined,
  { led, beats, leftOut }: Playing,
  now: number,
  told: Happening[],
): Partial<Playing> {
  if (!led || !was || was.state.number === led.state.number) return {};
  const at = seconds(was.watch, now);
  const to = seconds(led.watch, now);
  if (to - at < JUMP) return {};
  const items = itemsOf(beats);
  const place = (second: number, otherwise: number) => {
    const id = beatAt(beats, second)?.item.id;
    return id === undefined ? otherwise : items.findIndex((i) => i.id === id);
  };
  const from = place(Math.max(0, at), items.length);
  // A moment later: clocks differ by less than that.
  const gone = items.slice(from, place(to + JUMP / 2, items.length));
  for (const [i, { id, drillId }] of gone.entries()) {
    const began = beats.find((b) => b.item.id === id)?.from ?? 0;
    const done = i === 0 ? Math.max(0, Math.round(at - began)) : 0;
    if (drillId === "") continue;
    told.push({ kind: "SKIPPED", item: id, drill: drillId, reason: "UNSAID", seconds: done });
  }
  return { leftOut: [...leftOut, ...gone.map((i) => i.id)] };
}

/** Adds the events for every item that has started or finished since the last step, in order. */
function passed(player: Playing, now: number, told: Happening[]): Playing {
  const { beats, leftOut } = player;
  const all = itemsOf(beats);
  const present = hereOf(player, now).beat?.item;
  if (player.present === (present?.id ?? "")) return player;
  if (player.present === undefined) {
    told.push({ kind: player.isResumed ? "RESUMED" : "BEGUN" });
  } else {
    const from = all.findIndex((i) => i.id === player.present);
    const to = present ? all.findIndex((i) => i.id === present.id) : all.length;
    for (const over of from < 0 ? [] : all.slice(from, to)) {
      if (leftOut.includes(over.id) || isMeanwhile(over)) continue;
      const whole = over.segments.reduce((sum, s) => sum + s.seconds, 0);
      const change = changeoverOf(over);
      if (change !== undefined) {
        told.push({ kind: "CHANGED_OVER", item: over.id, seconds: change });
      }
      told.push({ kind: "ITEM_DONE", item: over.id, drill: over.drillId, seconds: whole });
    }
  }
  if (!present) {
    if (!player.isEnded) told.push({ kind: "ENDED" });
  } else if (!isMeanwhile(present)) {
    told.push({ kind: "ITEM_STARTED", item: present.id, drill: present.drillId });
  }
  return { ...player, present: present?.id ?? "", isEnded: present === undefined, leftOut: [] };
}
