import { useEffect, useMemo, useRef, useState, type CSSProperties } from "react";
import type { FollowItem, FollowView, Segment } from "../api/types";
import { ember, emberStep } from "../shared/ember";
import { clock, figures, say } from "../shared/units";
import { BLOCKS } from "../shared/words";
import { changeSides, countIn, keepAwake, nextItem } from "./signals";
import { moveTo, pause, seconds, start as startWatch, STOPPED } from "./stopwatch";
import {
  beatAt,
  endOf,
  nextItemAt,
  previousItemAt,
  repetition,
  timeline,
  type Beat,
} from "./timeline";
import clsx from "clsx";
import css from "./follow.module.css";

interface Props {
  view: FollowView;
  /** The first effort, ms. */
  start: number;
  onLeave: () => void;
}

const SIDES = { LEFT: "Left", RIGHT: "Right", BOTH: "" };
const COUNT_IN = 3;

/** One drill fills the screen; the clock moves on by itself. */
export function Player({ view, start, onLeave }: Props) {
  const beats = useMemo(() => timeline(view.items), [view]);
  const [watch, setWatch] = useState(() => startWatch(STOPPED, Date.now()));
  const [now, setNow] = useState(() => Date.now());
  const at = Math.min(endOf(beats), seconds(watch, now));
  const beat = beatAt(beats, at);
  const isPaused = watch.zero === undefined;

  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(timer);
  }, []);
  useEffect(() => {
    const released = keepAwake();
    return () => void released.then((release) => release());
  }, []);
  useSignals(beat, at, isPaused);

  const go = (target: number) => {
    const instant = Date.now();
    setNow(instant);
    setWatch((w) => moveTo(w, target, instant));
  };

  if (!beat) {
    return (
      <main
        className={clsx(css.player, css.done)}
        style={{ "--effort": ember(95) } as CSSProperties}
      >
        <p className={css.eyebrow}>Warm-up done</p>
        <h1>Ready. Go to the start.</h1>
        <Until start={start} now={now} />
        <button type="button" className={css.go} onClick={onLeave}>
          Close
        </button>
      </main>
    );
  }

  const { item, segment } = beat;
  const next = view.items[view.items.indexOf(item) + 1];
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
          T−{clock(endOf(beats) - at)}
        </span>
      </header>
      <section className={css.drill} aria-live="polite">
        <h1>{item.name}</h1>
        <p className={css.dose}>{say(item.dose)}</p>
      </section>
      <Count beat={beat} at={at} />
      <TargetLine item={item} />
      <p className={css.cues}>{item.cues.join(" · ")}</p>
      {item.caution && <p className={css.caution}>{item.caution}</p>}
      {item.easier && <p className={css.easier}>Easier: {item.easier}</p>}
      <p className={css.next}>
        {next ? (
          <>
            Next: <b>{next.name}</b>, {say(next.dose)}
          </>
        ) : (
          <>
            Next: <b>the start</b>
          </>
        )}
      </p>
      <Lateness start={start} now={now} left={endOf(beats) - at} />
      <div className={css.bar} aria-hidden>
        <i style={{ width: `${(100 * at) / endOf(beats)}%` }} />
      </div>
      <footer>
        <button type="button" onClick={() => go(previousItemAt(beats, beat, at))}>
          Back
        </button>
        <button
          type="button"
          className={css.pause}
          onClick={() => {
            const instant = Date.now();
            setNow(instant);
            setWatch((w) => (isPaused ? startWatch(w, instant) : pause(w, instant)));
          }}
        >
          {isPaused ? "Resume" : "Pause"}
        </button>
        <button type="button" onClick={() => go(nextItemAt(beats, beat))}>
          Skip
        </button>
      </footer>
    </main>
  );
}

/** The count or the countdown, as large as the screen allows. */
function Count({ beat, at }: { beat: Beat; at: number }) {
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
      <span className={css.of}>{unit}</span>
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

/** Early or late against the start time, when it is today and near. */
function Lateness({ start, now, left }: { start: number; now: number; left: number }) {
  const late = Math.round((now + left * 1000 - start) / 1000);
  if (Math.abs(late) > 3600 || Math.abs(late) < 20) return <p className={css.behind}>&nbsp;</p>;
  return (
    <p className={css.behind}>
      {late > 0
        ? `${clock(late)} behind the start time`
        : `${clock(-late)} in hand before the start`}
    </p>
  );
}

interface Told {
  item: string;
  beat: number;
  second: number;
  side: Segment["side"];
}

/** A turn, time to change sides, or straight on with the other one. */
function changesSides(beat: Beat, before: Segment["side"]): boolean {
  const { kind, side } = beat.segment;
  return kind === "SWITCH" || (side === "RIGHT" && before === "LEFT");
}

/** Calls what changes, once each, and counts the last seconds in. */
function useSignals(beat: Beat | undefined, at: number, isPaused: boolean) {
  const told = useRef<Told>({ item: "", beat: -1, second: -1, side: "BOTH" });
  useEffect(() => {
    if (!beat || isPaused) return;
    const last = told.current;
    const left = Math.ceil(beat.to - at);
    if (last.item !== beat.item.id) {
      nextItem();
    } else if (last.beat !== beat.index && changesSides(beat, last.side)) {
      changeSides();
    } else if (left <= COUNT_IN && left !== last.second && beat.segment.count === 0) {
      countIn();
    }
    told.current = {
      item: beat.item.id,
      beat: beat.index,
      second: left,
      side: beat.segment.side,
    };
  }, [beat, at, isPaused]);
}
