import { useEffect, useMemo, useReducer, useRef, useState, type CSSProperties } from "react";
import type {
  Decided,
  FollowItem,
  FollowView,
  InHandView,
  LookInput,
  MarkInput,
} from "../api/types";
import { checkpointsOf, decide, withDecided, type Checkpoint } from "../decision/look";
import { ember, emberStep } from "../shared/ember";
import { later } from "../shared/later";
import { clock, say } from "../shared/units";
import { BLOCKS } from "../shared/words";
import { inLead, ownSeconds } from "../lead/steps";
import type { Asked } from "../signal/simulated";
import * as evenClock from "../running/clock";
import { Count, TargetLine } from "./Count";
import { Gauges, powerOf, speedOf } from "./Gauges";
import { InHand, WhySkipped } from "./InHand";
import type { Place } from "./keeping";
import { Ready } from "./Ready";
import { fitted, inPlace, MORE, offered, rungsOf, withMore, withRung, type Late } from "./refit";
import { keepAwake } from "../running/signals";
import {
  moveTo,
  pause,
  seconds,
  start as startWatch,
  STOPPED,
  type Stopwatch,
} from "../running/stopwatch";
import {
  beatAt,
  endOf,
  nextItemAt,
  previousItemAt,
  timeline,
  toFetch,
  type Beat,
} from "./timeline";
import { useCalls } from "./useCalls";
import type { Led } from "./useLed";
import { useSignalsTold, type Sensors } from "./useSensors";
import { useTelling, type Tell } from "./useTelling";
import { setRunning } from "./version";
import clsx from "clsx";
import css from "./follow.module.css";

export const LookPanel = later(async () => (await import("../decision/LookPanel")).LookPanel);

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
  tell?: Tell;
  keepPlace?: (place: Place) => void;
  /** The start comes so many minutes later. */
  onSlipped?: (minutes: number) => void;
  /** Where the coach has changed the plan since: leads to the new one. */
  onNewPlan?: (() => void) | undefined;
  /** Where the coach leads: the clock is theirs. */
  led?: Led | undefined;
  onOwn?: () => void;
  /** Where the coach leads and this is done alone: joins them. */
  onLed?: (() => void) | undefined;
  sensors?: Sensors | undefined;
}

interface Running {
  items: FollowItem[];
  watch: Stopwatch;
  isJacketOff: boolean;
  looked: readonly Checkpoint[];
  marks: readonly MarkInput[];
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

/** Where one is in the own plan, whoever's clock it is. */
function placeOf(
  led: Led | undefined,
  items: readonly FollowItem[],
  { items: own, watch }: Running,
  at: number,
  now: number,
): Pick<Place, "watch" | "at" | "seenAt"> {
  if (!led) return { watch, at, seenAt: now };
  const done = ownSeconds(items, own, led.watch, now);
  return { watch: moveTo(led.watch, done, now), at: done, seenAt: now };
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
  led,
  onOwn,
  onLed,
  sensors,
}: Props) {
  const [running, change] = useReducer(
    (before: Running, next: Partial<Running>): Running => ({ ...before, ...next }),
    undefined,
    (): Running => ({
      items: place?.items ?? view.items,
      watch: startWatch(place ? watchOf(place, evenClock.now()) : STOPPED, evenClock.now()),
      isJacketOff: place?.isJacketOff ?? false,
      looked: place?.looked ?? [],
      marks: place?.marks ?? [],
    }),
  );
  const own = running.items;
  const items = useMemo(() => (led ? inLead(led.steps, led.state, own) : own), [led, own]);
  const watch = led?.watch ?? running.watch;
  const beats = useMemo(() => timeline(items), [items]);
  const [now, setNow] = useState(() => evenClock.now());
  const [skipped, setSkipped] = useState<Skipped>();
  const [looking, setLooking] = useState<Checkpoint>();
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
  useCalls(beats, beat, at, isPaused);
  useSignalsTold(sensors, !isPaused && !isOver, tell);
  const ask = sensors?.ask;
  useEffect(() => {
    ask?.(isPaused || !beat ? NOTHING_ASKED : askedOf(beat));
  });
  const leaveOut = useTelling(beats, beat, place !== undefined, tell, led, evenClock.now);

  // With each item and every few seconds: whoever comes back goes on where they were last seen.
  const seen = `${beat?.item.id ?? ""} ${Math.floor(at / SEEN_EVERY)}`;
  const revision = place?.revision ?? view.revision;
  const shown = placeOf(led, items, running, at, now);
  const latest = useRef({ keepPlace, shown });
  useEffect(() => {
    latest.current = { keepPlace, shown };
  });
  useEffect(() => {
    // As it was shown: what has passed since is not told yet.
    latest.current.keepPlace({ ...running, ...latest.current.shown, revision, isOver });
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
      <Ready
        start={start}
        now={now}
        ended={watch.zero === undefined ? undefined : watch.zero + 1000 * endOf(beats)}
        startWindow={view.startWindow}
        slipped={led ? [] : (inHand?.slipped ?? [])}
        onTopUp={({ minutes, items: topUp }) => {
          onSlipped(minutes);
          setSkipped(undefined);
          act((instant) => ({ items: topUp, watch: startWatch(STOPPED, instant) }));
        }}
        tell={tell}
        onLeave={onLeave}
      />
    );
  }

  const { item, segment } = beat;
  const checkpoint = lookNow(view, items, item, running.looked);
  const next = items[items.indexOf(item) + 1];
  const fetch = toFetch(item, next);
  const left = endOf(beats) - at;
  const late = led
    ? undefined
    : offered(inHand?.late ?? [], items, item, lateness(start, now, left));
  const rungs = rungsOf(inHand, view.items, item);
  const began = beats.find((b) => b.item.id === item.id)?.from ?? 0;
  const done = Math.round(at - began);

  const takeRung = (rung: FollowItem) => {
    act((instant) => ({
      items: withRung(own, item.id, rung),
      ...(led ? {} : { watch: moveTo(watch, began, instant) }),
    }));
    tell({ kind: "RUNG_CHANGED", item: item.id, drill: rung.drillId, seconds: done });
  };
  const addTime = () => {
    change({ items: withMore(items, beat) });
    tell({ kind: "TIME_ADDED", item: item.id, seconds: MORE });
  };
  const beginNow = () => {
    const taken = Math.max(1, Math.round(at - beat.from));
    act((instant) => ({
      items: inPlace(items, beat, taken),
      watch: moveTo(watch, beat.from + taken, instant),
    }));
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
  // Not only the clock says when the raise is done.
  const isRaised =
    !led &&
    sensors !== undefined &&
    running.isJacketOff &&
    item.block === "RAISE" &&
    next?.block !== "RAISE" &&
    beat.to - at > LITTLE_LEFT &&
    sensors.isSettled(item);
  const endRaise = () => {
    leaveOut(item.id);
    tell({ kind: "ITEM_DONE", item: item.id, drill: item.drillId, seconds: done });
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

  const looked = (look: LookInput, decided: Decided) => {
    tell({ kind: "LOOKED", look });
    const seen = {
      looked: [...running.looked, look.checkpoint],
      marks: [...running.marks, ...look.marks],
    };
    setLooking(undefined);
    if (look.decided === "STOP") {
      act((instant) => ({ ...seen, ...(led ? {} : { watch: pause(watch, instant) }) }));
      if (!led && !isPaused) tell({ kind: "PAUSED" });
    } else if (look.isTaken && decided.items.length > 0 && !led) {
      act((instant) => ({
        ...seen,
        items: withDecided(items, item.id, decided.items),
        watch: moveTo(watch, began, instant),
      }));
    } else {
      change(seen);
    }
  };

  return (
    <main
      className={clsx(css.player, css[segment.kind.toLowerCase()])}
      data-ember={emberStep(item.effort)}
      data-zero={watch.zero}
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
      <Count
        beat={beat}
        at={at}
        after={beats[beat.index + 1]}
        onReady={segment.kind === "CHANGE" && !led ? beginNow : undefined}
      />
      <TargetLine item={item} />
      {sensors && <Gauges sensors={sensors} item={item} />}
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
      {checkpoint && (
        <section className={css.late} aria-label="Look">
          <p>{asked(checkpoint)}</p>
          <button type="button" onClick={() => change({ looked: [...running.looked, checkpoint] })}>
            All well
          </button>
          <button type="button" onClick={() => setLooking(checkpoint)}>
            Look
          </button>
        </section>
      )}
      {looking && (
        <LookPanel
          checkpoint={looking}
          decide={(marks) => decide(inHand, looking, marks, running.marks)}
          onDecided={(look) => looked(look, decide(inHand, looking, look.marks, running.marks))}
          onLeave={() => setLooking(undefined)}
        />
      )}
      {skipped && now - skipped.at < WHY_FOR && (
        <WhySkipped
          name={skipped.name}
          onReason={(reason) => {
            setSkipped(undefined);
            tell({ kind: "SKIPPED", item: skipped.id, reason, seconds: skipped.seconds });
          }}
        />
      )}
      {isRaised && (
        <section className={css.late} aria-label="The raise is done">
          <p>Heart settled in its range and jacket off: your body says that the raise is done.</p>
          <button type="button" onClick={endRaise}>
            Go on
          </button>
        </section>
      )}
      {onLed && (
        <section className={css.late} aria-label="Your coach leads">
          <p>Your coach leads this warm-up. You are doing it alone.</p>
          <button type="button" onClick={onLed}>
            Follow
          </button>
        </section>
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
        onMore={["WORK", "CHANGE"].includes(segment.kind) && !led ? addTime : undefined}
        onJacketOff={running.isJacketOff ? undefined : takeJacketOff}
        late={late}
        onFit={fit}
      />
      {!led && <Lateness start={start} now={now} left={left} />}
      <div className={css.bar} aria-hidden>
        <i style={{ width: `${(100 * at) / endOf(beats)}%` }} />
      </div>
      {led ? (
        <footer className={css.led}>
          <p role="status">{isPaused ? "Your coach has paused." : "Your coach leads."}</p>
          <button type="button" onClick={onOwn}>
            Go on alone
          </button>
        </footer>
      ) : (
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
      )}
    </main>
  );
}

/** The checkpoint that was just passed, unless somebody has looked. */
function lookNow(
  view: FollowView,
  items: readonly FollowItem[],
  present: FollowItem,
  looked: readonly Checkpoint[],
): Checkpoint | undefined {
  const before = items[items.indexOf(present) - 1];
  const checkpoint = before && checkpointsOf(view.items).get(before.id);
  return checkpoint && !looked.includes(checkpoint) ? checkpoint : undefined;
}

function asked(checkpoint: Checkpoint): string {
  switch (checkpoint) {
    case "RAISE_DONE":
      return "Raise done. Light sweat, breathing well, anything tight?";
    case "RANGE_DONE":
      return "Range done. Loose, steady on one leg, nothing hurting?";
    case "FIRST_FAST":
      return "The first fast one: is the gear there? Anything hurting?";
    case "LAST_EFFORT":
      return "The last one: top gear there? Contacts quiet?";
  }
}

interface Skipped {
  id: string;
  name: string;
  seconds: number;
  at: number;
}

/** For less than this nobody ends a raise early, s. */
const LITTLE_LEFT = 20;

const NOTHING_ASKED: Asked = {
  effort: 0,
  power: undefined,
  rate: undefined,
  speed: undefined,
};

/** What the plan asks of the body now. */
function askedOf({ item, segment }: Beat): Asked {
  const isWork = segment.kind === "WORK";
  const rate = item.target?.ratePerMinute ?? 0;
  return {
    effort: isWork ? item.effort : item.recoveryEffort,
    power: isWork ? powerOf(item) : undefined,
    rate: isWork && rate > 0 ? rate : undefined,
    speed: isWork ? speedOf(item) : undefined,
  };
}

/** So long it is asked why something was skipped, ms. */
const WHY_FOR = 8000;

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
