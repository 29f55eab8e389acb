import { useEffect, useMemo, useReducer, useRef, useState, type CSSProperties } from "react";
import type { FollowItem, FollowView, InHandView, Segment } from "../api/types";
import { ember, emberStep } from "../shared/ember";
import { clock, figures, say } from "../shared/units";
import { BLOCKS, KITS } from "../shared/words";
import { Afterwards } from "./Afterwards";
import * as evenClock from "./clock";
import { InHand, Slipped, WhySkipped } from "./InHand";
import type { Happening, Place } from "./keeping";
import { fitted, MORE, offered, rungsOf, withMore, withRung, type Late } from "./refit";
import { changeComes, changeSides, countIn, keepAwake, nextItem, speak } from "./signals";
import { moveTo, pause, seconds, start as startWatch, STOPPED, type Stopwatch } from "./stopwatch";
import {
  beatAt,
  endOf,
  nextItemAt,
  previousItemAt,
  repetition,
  timeline,
  type Beat,
} from "./timeline";
import { setRunning } from "./version";
import clsx from "clsx";
import css from "./follow.module.css";

interface Props {
  view: FollowView;
  /** The first effort, ms. */
  start: number;
  onLeave: () => void;
  /** Where it stood when the page was closed, to go on from there. */
  place?: Place | undefined;
  /** What was sent along, if it is there yet. */
  inHand?: InHandView | undefined;
  /** Tells what happened. */
  tell?: (happening: Omit<Happening, "at">, at?: number) => void;
  keepPlace?: (place: Place) => void;
  /** The start comes so many minutes later. */
  onSlipped?: (minutes: number) => void;
  /** Where the coach has changed the plan since: leads to the new one. */
  onNewPlan?: (() => void) | undefined;
}

const SIDES = { LEFT: "Left", RIGHT: "Right", BOTH: "" };
const COUNT_IN = 3;

interface Running {
  items: FollowItem[];
  watch: Stopwatch;
  isJacketOff: boolean;
}

/** So often it is kept how far one is, s. */
const SEEN_EVERY = 5;

/** A page that was closed for less than this was only reloaded: the clock went on, ms. */
const RELOADED = 60_000;

/** Where the clock of a warm-up that was left stands. */
export function watchOf(place: Place, now: number): Stopwatch {
  return Math.abs(now - place.seenAt) < RELOADED
    ? place.watch
    : { zero: undefined, held: place.at };
}

/** One drill fills the screen; the clock moves on by itself. */
export function Player({
  view,
  start,
  onLeave,
  place,
  inHand,
  tell = () => undefined,
  keepPlace = () => undefined,
  onSlipped = () => undefined,
  onNewPlan,
}: Props) {
  const [running, change] = useReducer(
    (before: Running, next: Partial<Running>): Running => ({ ...before, ...next }),
    undefined,
    (): Running => ({
      items: place?.items ?? view.items,
      watch: startWatch(place ? watchOf(place, evenClock.now()) : STOPPED, evenClock.now()),
      isJacketOff: place?.isJacketOff ?? false,
    }),
  );
  const { items, watch } = running;
  const beats = useMemo(() => timeline(items), [items]);
  const [now, setNow] = useState(() => evenClock.now());
  const [skipped, setSkipped] = useState<Skipped>();
  const at = Math.min(endOf(beats), seconds(watch, now));
  const beat = beatAt(beats, at);
  const isPaused = watch.zero === undefined;
  const isOver = beat === undefined;

  useEffect(() => {
    const timer = setInterval(() => setNow(evenClock.now()), 100);
    return () => clearInterval(timer);
  }, []);
  useEffect(() => {
    setRunning(true);
    return () => setRunning(false);
  }, []);
  useEffect(() => {
    const released = keepAwake();
    return () => void released.then((release) => release());
  }, []);
  useSignals(beats, beat, at, isPaused);
  const leaveOut = useTelling(beats, beat, place !== undefined, tell);

  // With each item and every few seconds: whoever comes back goes on where they were last seen.
  const seen = `${beat?.item.id ?? ""} ${Math.floor(at / SEEN_EVERY)}`;
  const revision = place?.revision ?? view.revision;
  const latest = useRef({ keepPlace, at, seenAt: now });
  useEffect(() => {
    latest.current = { keepPlace, at, seenAt: now };
  });
  useEffect(() => {
    // As it was shown: what has passed since is not told yet.
    const { keepPlace: keep, ...shown } = latest.current;
    keep({ ...running, ...shown, revision, isOver });
  }, [running, seen, isOver, revision]);

  /** What is shown and the clock go together: never a moment before what is gone to. */
  const act = (next: (instant: number) => Partial<Running>) => {
    const instant = evenClock.now();
    setNow(instant);
    change(next(instant));
  };
  const go = (target: number) => act((instant) => ({ watch: moveTo(watch, target, instant) }));

  if (!beat) {
    return (
      <main
        className={clsx(css.player, css.done)}
        style={{ "--effort": ember(95) } as CSSProperties}
      >
        <p className={css.eyebrow}>Warm-up done</p>
        <h1>Ready. Go to the start.</h1>
        <Until start={start} now={now} />
        <Slipped
          choices={inHand?.slipped ?? []}
          onSlipped={({ minutes, items: topUp }) => {
            onSlipped(minutes);
            setSkipped(undefined);
            act((instant) => ({ items: topUp, watch: startWatch(STOPPED, instant) }));
          }}
        />
        <Afterwards tell={tell} />
        <button type="button" className={css.go} onClick={onLeave}>
          Close
        </button>
      </main>
    );
  }

  const { item, segment } = beat;
  const next = items[items.indexOf(item) + 1];
  const fetch = toFetch(item, next);
  const left = endOf(beats) - at;
  const late = offered(inHand?.late ?? [], items, item, lateness(start, now, left));
  const rungs = rungsOf(inHand, view.items, item);
  const began = beats.find((b) => b.item.id === item.id)?.from ?? 0;
  const done = Math.round(at - began);

  const takeRung = (rung: FollowItem) => {
    act((instant) => ({
      items: withRung(items, item.id, rung),
      watch: moveTo(watch, began, instant),
    }));
    tell({ kind: "RUNG_CHANGED", item: item.id, drill: rung.drillId, seconds: done });
  };
  const addTime = () => {
    change({ items: withMore(items, beat) });
    tell({ kind: "TIME_ADDED", item: item.id, seconds: MORE });
  };
  const takeJacketOff = () => {
    change({ isJacketOff: true });
    tell({ kind: "JACKET_OFF" });
  };
  const skipThis = () => {
    leaveOut(item.id);
    setSkipped({ id: item.id, name: item.name, seconds: done, at: now });
    tell({ kind: "SKIPPED", item: item.id, drill: item.drillId, reason: "UNSAID", seconds: done });
    go(nextItemAt(beats, beat));
  };
  const back = () => {
    tell({ kind: "REPEATED", item: item.id });
    go(previousItemAt(beats, beat, at));
  };
  const hold = () => {
    act((instant) => ({
      watch: isPaused ? startWatch(watch, instant) : pause(watch, instant),
    }));
    tell({ kind: isPaused ? "RESUMED" : "PAUSED" });
  };
  const fit = (what: Late) => {
    const isHere = what.from === item.id;
    act((instant) => ({
      items: fitted(items, what),
      ...(isHere ? { watch: moveTo(watch, began, instant) } : {}),
    }));
    for (const gone of items.slice(items.findIndex((i) => i.id === what.from))) {
      if (what.dropped.includes(gone.name)) {
        tell({ kind: "SKIPPED", item: gone.id, drill: gone.drillId, reason: "SHORT_OF_TIME" });
      }
    }
  };

  return (
    <main
      className={clsx(css.player, css[segment.kind.toLowerCase()])}
      data-ember={emberStep(item.effort)}
      style={{ "--effort": ember(item.effort) } as CSSProperties}
    >
      <header>
        <button type="button" onClick={onLeave} aria-label="Leave the player">
          ✕
        </button>
        <span>{BLOCKS[item.block]}</span>
        <span className={css.until} title="Until the warm-up ends">
          T−{clock(left)}
        </span>
      </header>
      <section className={css.drill} aria-live="polite">
        <h1>{item.name}</h1>
        <p className={css.dose}>{say(item.dose)}</p>
      </section>
      <Count beat={beat} at={at} after={beats[beat.index + 1]} />
      <TargetLine item={item} />
      <p className={css.cues}>{item.cues.join(" · ")}</p>
      {item.caution && <p className={css.caution}>{item.caution}</p>}
      <p className={css.next}>
        {next ? (
          <>
            Next: <b>{next.name}</b>, {say(next.dose)}
            {fetch.length > 0 && <span className={css.fetch}>. Fetch: {fetch.join(", ")}</span>}
          </>
        ) : (
          <>
            Next: <b>the start</b>
          </>
        )}
      </p>
      {skipped && now - skipped.at < WHY_FOR && (
        <WhySkipped
          name={skipped.name}
          onReason={(reason) => {
            setSkipped(undefined);
            tell({ kind: "SKIPPED", item: skipped.id, reason, seconds: skipped.seconds });
          }}
        />
      )}
      {onNewPlan && (
        <section className={css.late} aria-label="A new plan">
          <p>Your coach has changed this warm-up. Go on as it is, or look at the new one.</p>
          <button type="button" onClick={onNewPlan}>
            Look at it
          </button>
        </section>
      )}
      <InHand
        rungs={rungs}
        onRung={takeRung}
        onMore={segment.kind === "WORK" ? addTime : undefined}
        onJacketOff={running.isJacketOff ? undefined : takeJacketOff}
        late={late}
        onFit={fit}
      />
      <Lateness start={start} now={now} left={left} />
      <div className={css.bar} aria-hidden>
        <i style={{ width: `${(100 * at) / endOf(beats)}%` }} />
      </div>
      <footer>
        <button type="button" onClick={back}>
          Back
        </button>
        <button type="button" className={css.pause} onClick={hold}>
          {isPaused ? "Resume" : "Pause"}
        </button>
        <button type="button" onClick={skipThis}>
          Skip
        </button>
      </footer>
    </main>
  );
}

interface Skipped {
  id: string;
  name: string;
  seconds: number;
  at: number;
}

/** So long it is asked why something was skipped, ms. */
const WHY_FOR = 8000;

/**
 * Tells what begins and what is over, each once, and in order where several passed unseen; what is
 * given back leaves one out.
 */
function useTelling(
  beats: readonly Beat[],
  beat: Beat | undefined,
  isResumed: boolean,
  tell: NonNullable<Props["tell"]>,
): (id: string) => void {
  const skip = useRef<string>(undefined);
  const last = useRef<string>(undefined);
  const isOver = useRef(false);
  const tells = useRef(tell);
  useEffect(() => {
    tells.current = tell;
  });
  const present = beat?.item.id;
  useEffect(() => {
    const say = tells.current;
    const order = [...new Map(beats.map((b) => [b.item.id, b.item])).values()];
    if (last.current === undefined) {
      say({ kind: isResumed ? "RESUMED" : "BEGUN" });
    } else if (last.current !== present) {
      const from = order.findIndex((i) => i.id === last.current);
      const to = present === undefined ? order.length : order.findIndex((i) => i.id === present);
      for (const over of from < 0 ? [] : order.slice(from, to)) {
        if (over.id === skip.current) continue;
        const whole = over.segments.reduce((sum, s) => sum + s.seconds, 0);
        say({ kind: "ITEM_DONE", item: over.id, drill: over.drillId, seconds: whole });
      }
    }
    skip.current = undefined;
    if (present === undefined) {
      if (!isOver.current) say({ kind: "ENDED" });
      isOver.current = true;
    } else if (last.current !== present) {
      isOver.current = false;
      const drill = order.find((i) => i.id === present)?.drillId;
      say({ kind: "ITEM_STARTED", item: present, ...(drill ? { drill } : {}) });
    }
    last.current = present ?? "";
  }, [beats, present, isResumed]);
  return (id) => {
    skip.current = id;
  };
}

/** The count or the countdown, as large as the screen allows. */
function Count({ beat, at, after }: { beat: Beat; at: number; after: Beat | undefined }) {
  const { segment } = beat;
  const left = Math.ceil(beat.to - at);
  const count = segment.kind === "WORK" ? repetition(beat, at) : 0;
  const label = {
    CHANGE: segment.note || "get ready",
    SWITCH: segment.note || "change sides",
    RECOVER: segment.note || "recover",
    WORK: [SIDES[segment.side], segment.note].filter(Boolean).join(", "),
  }[segment.kind];
  const [figure, unit] =
    count > 0
      ? [String(count), `of ${segment.count}`]
      : left < 60
        ? [String(left), left === 1 ? "second" : "seconds"]
        : [clock(left), left < 3600 ? "min" : "h"];
  return (
    <section className={css.count} data-testid="count">
      <span className={css.side}>{label || "\u00a0"}</span>
      <strong style={{ "--characters": figure.length } as CSSProperties}>{figure}</strong>
      <span className={css.of}>
        {unit}
        {comesAnotherSide(beat, after) && <>, then {SIDES[otherSide(beat)].toLowerCase()}</>}
      </span>
    </section>
  );
}

function TargetLine({ item }: { item: FollowItem }) {
  if (!item.target) return <p className={css.target} />;
  const { main, unit, more } = figures(item.target);
  return (
    <p className={css.target}>
      <b>{main}</b> {unit} <span>{more.join(" · ")}</span>
    </p>
  );
}

function Until({ start, now }: { start: number; now: number }) {
  const left = Math.round((start - now) / 1000);
  if (left < 0 || left > 6 * 3600) return null;
  return <p>First effort in {clock(left)}. Keep moving, keep warm.</p>;
}

/** Seconds by which the first effort would come late, below 0 where there is time in hand. */
function lateness(start: number, now: number, left: number): number {
  const late = Math.round((now + left * 1000 - start) / 1000);
  return Math.abs(late) > 3600 ? 0 : late;
}

/** Early or late against the start time, when it is today and near. */
function Lateness({ start, now, left }: { start: number; now: number; left: number }) {
  const late = lateness(start, now, left);
  if (Math.abs(late) < 20) return <p className={css.behind}>&nbsp;</p>;
  return (
    <p className={css.behind}>
      {late > 0
        ? `${clock(late)} behind the start time`
        : `${clock(-late)} in hand before the start`}
    </p>
  );
}

/** What the next item needs and this one does not. */
function toFetch(item: FollowItem, next: FollowItem | undefined): string[] {
  return (next?.kit ?? []).filter((k) => !item.kit.includes(k)).map((k) => KITS[k].toLowerCase());
}

function otherSide({ segment }: Beat): "LEFT" | "RIGHT" {
  return segment.side === "LEFT" ? "RIGHT" : "LEFT";
}

/** Whether this is one side and the other follows, at once or after the turn. */
function comesAnotherSide(beat: Beat, after: Beat | undefined): boolean {
  return (
    beat.segment.kind === "WORK" &&
    beat.segment.side === "LEFT" &&
    after?.item.id === beat.item.id &&
    (after.segment.kind === "SWITCH" || after.segment.side === "RIGHT")
  );
}

interface Told {
  item: string;
  count: number;
  announced: number;
  beat: number;
  second: number;
  side: Segment["side"];
}

/** A turn, time to change sides, or straight on with the other one. */
function changesSides(beat: Beat, before: Segment["side"]): boolean {
  const { kind, side } = beat.segment;
  return kind === "SWITCH" || (side === "RIGHT" && before === "LEFT");
}

/** So long before it a change is announced, s. */
const AHEAD = 5;

/** A repetition that takes less is not counted aloud, s. */
const SPOKEN = 1.2;

/** Calls what changes, once each, before it comes, and counts the last seconds in. */
function useSignals(beats: readonly Beat[], beat: Beat | undefined, at: number, isPaused: boolean) {
  const told = useRef<Told>({
    item: "",
    count: 0,
    announced: -1,
    beat: -1,
    second: -1,
    side: "BOTH",
  });
  useEffect(() => {
    if (!beat || isPaused) return;
    const last = told.current;
    const left = Math.ceil(beat.to - at);
    const { item, segment } = beat;
    const after = beats[beat.index + 1];
    const count = segment.kind === "WORK" ? repetition(beat, at) : 0;
    const isAnnounced =
      left <= AHEAD && beat.to - beat.from > 2 * AHEAD && last.announced !== beat.index;
    if (last.item !== item.id) {
      nextItem();
      speak(`${item.name}, ${say(item.dose)}`);
    } else if (last.beat !== beat.index && changesSides(beat, last.side)) {
      changeSides();
      speak(segment.side === "RIGHT" ? "Right side" : "Change sides");
    } else if (isAnnounced && comesAnotherSide(beat, after)) {
      changeComes();
    } else if (isAnnounced && after && after.item.id !== item.id) {
      const what = toFetch(item, after.item);
      speak(`Next: ${after.item.name}${what.length > 0 ? `. Fetch ${what.join(", ")}` : ""}`);
    } else if (count > 0 && count !== last.count && segment.seconds / segment.count >= SPOKEN) {
      speak(String(count));
    } else if (left <= COUNT_IN && left !== last.second && beat.segment.count === 0) {
      countIn();
    }
    told.current = {
      item: item.id,
      count,
      announced: isAnnounced ? beat.index : last.announced,
      beat: beat.index,
      second: left,
      side: beat.segment.side,
    };
  }, [beats, beat, at, isPaused]);
}
