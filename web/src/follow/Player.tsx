import { useEffect, useRef, useState, type CSSProperties } from "react";
import type { FollowView, InHandView } from "../api/types";
import { decide, type Checkpoint } from "../decision/look";
import { ember, emberStep } from "../shared/ember";
import { later } from "../shared/later";
import { clock, say } from "../shared/units";
import { BLOCKS } from "../shared/words";
import { askedOf, NOTHING_ASKED } from "./asked";
import { Count, TargetLine } from "./Count";
import { InHand, WhySkipped } from "./InHand";
import type { Place } from "./keeping";
import { Ready } from "./Ready";
import { hereOf, itemsOf, lookNow, placeOf } from "./playing";
import { offered, rungsOf } from "./refit";
import { keepAwake } from "../running/signals";
import { endOf, toFetch } from "./timeline";
import { useCalls } from "./useCalls";
import type { Led } from "./useLed";
import { useSignalsTold, type Sensors } from "./useSensors";
import { usePlayer, type Tell } from "./usePlayer";
import { setRunning } from "./version";
import clsx from "clsx";
import css from "./follow.module.css";

export const Gauges = later(async () => (await import("./Gauges")).Gauges);
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

/** So often it is kept how far one is, s. */
const SEEN_EVERY = 5;

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
  const { player, now, touch } = usePlayer(view, place, led, tell);
  const [looking, setLooking] = useState<Checkpoint>();
  const { beats, skipped } = player;
  const { watch, isPaused, at, beat } = hereOf(player, now);
  const isOver = beat === undefined;

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

  // With each item and every few seconds: whoever comes back goes on where they were last seen.
  const seen = `${beat?.item.id ?? ""} ${Math.floor(at / SEEN_EVERY)}`;
  const revision = place?.revision ?? view.revision;
  const { items: own, watch: ownWatch, isJacketOff, looked, marks } = player;
  const latest = useRef({ keepPlace, player, now });
  useEffect(() => {
    latest.current = { keepPlace, player, now };
  });
  useEffect(() => {
    const { keepPlace: keep, player: shown, now: seenAt } = latest.current;
    // As it was shown: what has passed since is not told yet.
    const left = placeOf(shown, seenAt);
    keep({ items: own, isJacketOff, looked, marks, ...left, revision, isOver });
  }, [own, ownWatch, isJacketOff, looked, marks, seen, isOver, revision]);

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
          touch({ kind: "TOP_UP", items: topUp });
        }}
        tell={tell}
        onLeave={onLeave}
      />
    );
  }

  const { item, segment } = beat;
  const items = itemsOf(beats);
  const checkpoint = lookNow(view.items, player, item);
  const next = items[items.indexOf(item) + 1];
  const fetch = toFetch(item, next);
  const left = endOf(beats) - at;
  const late = led
    ? undefined
    : offered(inHand?.late ?? [], items, item, lateness(start, now, left));
  const rungs = rungsOf(inHand, view.items, item);
  // Not only the clock says when the raise is done.
  const isRaised =
    !led &&
    sensors !== undefined &&
    isJacketOff &&
    item.block === "RAISE" &&
    next?.block !== "RAISE" &&
    beat.to - at > LITTLE_LEFT &&
    sensors.isSettled(item);

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
        onReady={segment.kind === "CHANGE" && !led ? () => touch({ kind: "IN_PLACE" }) : undefined}
      />
      <div className={css.words}>
        <TargetLine item={item} />
        {sensors && sensors.worn.length > 0 && <Gauges sensors={sensors} item={item} />}
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
            <button type="button" onClick={() => touch({ kind: "ALL_WELL", checkpoint })}>
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
            decide={(seenNow) => decide(inHand, looking, seenNow, marks)}
            onDecided={(look) => {
              setLooking(undefined);
              touch({ kind: "LOOK", look, decided: decide(inHand, looking, look.marks, marks) });
            }}
            onLeave={() => setLooking(undefined)}
          />
        )}
        {skipped && now - skipped.at < WHY_FOR && (
          <WhySkipped name={skipped.name} onReason={(reason) => touch({ kind: "WHY", reason })} />
        )}
        {isRaised && (
          <section className={css.late} aria-label="The raise is done">
            <p>Heart settled in its range and jacket off: your body says that the raise is done.</p>
            <button type="button" onClick={() => touch({ kind: "RAISED" })}>
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
          onRung={(rung) => touch({ kind: "RUNG", rung })}
          onMore={
            ["WORK", "CHANGE"].includes(segment.kind) && !led
              ? () => touch({ kind: "MORE" })
              : undefined
          }
          onJacketOff={isJacketOff ? undefined : () => touch({ kind: "JACKET_OFF" })}
          late={late}
          onFit={(what) => touch({ kind: "FIT", late: what })}
        />
        {!led && <Lateness start={start} now={now} left={left} />}
      </div>
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
          <button type="button" onClick={() => touch({ kind: "BACK" })}>
            Back
          </button>
          <button type="button" className={css.pause} onClick={() => touch({ kind: "HOLD" })}>
            {isPaused ? "Resume" : "Pause"}
          </button>
          <button type="button" onClick={() => touch({ kind: "SKIP" })}>
            Skip
          </button>
        </footer>
      )}
    </main>
  );
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

/** For less than this nobody ends a raise early, s. */
const LITTLE_LEFT = 20;

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
