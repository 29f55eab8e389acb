import { useEffect, useMemo, useRef, useState } from "react";
import type { FollowView, InHandView } from "../api/types";
import { Countdown } from "../shared/Countdown";
import { sayTime } from "../shared/calendar";
import { later } from "../shared/later";
import { MeasuresSwitch } from "../shared/MeasuresSwitch";
import { clock } from "../shared/units";
import { BLOCKS } from "../shared/words";
import { bands, axisSpan } from "../shared/staircase";
import { useCheckIn, type CheckIn } from "../checkin/useCheckIn";
import { now } from "../running/clock";
import type { Place } from "./keeping";
import { LinkNotice } from "./LinkNotice";
import { Gauges, LookPanel, Player } from "./Player";
import { watchOf } from "./playing";
import { SensesSwitch } from "../running/SensesSwitch";
import { allowSound } from "../running/signals";
import { atClock, beginOf, localTime, startInstant } from "../running/starttime";
import { seconds } from "../running/stopwatch";
import { useFollowed, type Followed } from "./useFollowed";
import { useSensors, type Sensors } from "./useSensors";
import { useLed } from "./useLed";
import { useKept } from "./useKept";
import css from "./follow.module.css";

const CheckInForm = later(async () => (await import("../checkin/CheckInForm")).CheckInForm);
const Afterwards = later(async () => (await import("./Afterwards")).Afterwards);
const Held = later(async () => (await import("../checkin/Held")).Held);
const SensorPanel = later(async () => (await import("./SensorPanel")).SensorPanel);
const PrintSheet = later(async () => (await import("./PrintSheet")).PrintSheet);

/** Once the page is there, what it may need at a track without a network. */
const FETCH_AFTER = 1500;

export function FollowPage({ token, print }: { token: string; print: boolean }) {
  const { view, error } = useKept<FollowView>(`/api/follow/${encodeURIComponent(token)}`);
  if (error || !view) return <LinkNotice error={error} />;
  return print ? <PrintSheet view={view} /> : <Follow token={token} view={view} />;
}

function Follow({ token, view }: { token: string; view: FollowView }) {
  useEffect(() => {
    const timer = window.setTimeout(() => {
      Afterwards.fetchNow();
      Held.fetchNow();
      CheckInForm.fetchNow();
      LookPanel.fetchNow();
      Gauges.fetchNow();
    }, FETCH_AFTER);
    return () => window.clearTimeout(timer);
  }, []);
  const [running, setRunning] = useState<"not" | "anew" | "on" | "led">("not");
  const followed = useFollowed(token, view);
  const [start, setStart] = useState(() => startInstant(view.startsAt));
  const [left, setLeft] = useState<Place>();
  const kept = left ?? followed?.place;
  const place = kept && goesOn(kept) ? kept : undefined;
  const latest = useRef<Place>(undefined);
  const led = useLed(token);
  const sensors = useSensors(token, view.sport);
  const goOnAlone = () => {
    setLeft(latest.current);
    setRunning("on");
  };
  const follow =
    led &&
    (() => {
      allowSound();
      setLeft(latest.current);
      setRunning("led");
    });
  const checkIn = useCheckIn(token, view.isHeld);
  const [isCheckingIn, setCheckingIn] = useState(false);
  const isOrphan = running === "led" && !led;
  useEffect(() => {
    // The lead is over: whoever followed goes on with what is left of theirs, if anything is.
    if (!isOrphan) return;
    setLeft(latest.current);
    setRunning(latest.current?.isOver ? "not" : "on");
  }, [isOrphan]);
  const isFree = view.isHeld && !checkIn.isHeld && checkIn.standing !== undefined;
  useEffect(() => {
    // The coach has spoken with them: the plan is there now, if it can be fetched.
    if (!isFree) return;
    const timer = setTimeout(() => window.location.reload(), 1500);
    return () => clearTimeout(timer);
  }, [isFree]);
  if (isOrphan) return <LinkNotice error={undefined} />;
  if (view.isCalledOff) {
    return (
      <LinkNotice error={`${view.sessionTitle} does not take place. Your coach called it off.`} />
    );
  }
  if (checkIn.isHeld || view.isHeld) {
    return <Held view={view} waits={checkIn.waits !== undefined} />;
  }
  if (isCheckingIn) {
    return (
      <CheckInForm
        planned={view.minutes}
        onTell={(answers) => {
          checkIn.tell(answers);
          setCheckingIn(false);
          window.scrollTo(0, 0);
        }}
        onLeave={() => setCheckingIn(false)}
      />
    );
  }
  if (running !== "not" && followed) {
    return (
      <Player
        key={running === "led" ? "led" : "own"}
        led={running === "led" ? led : undefined}
        onOwn={goOnAlone}
        sensors={sensors}
        onLed={running === "led" ? undefined : follow}
        view={view}
        start={start}
        place={running === "anew" ? undefined : place}
        inHand={isFor(followed.inHand, running === "anew" ? undefined : place, view)}
        tell={followed.tell}
        onSlipped={(minutes) => setStart((s) => s + 60_000 * minutes)}
        onNewPlan={newer(followed, view) ? () => window.location.reload() : undefined}
        keepPlace={(at) => {
          latest.current = at;
          followed.keepPlace(at);
        }}
        onLeave={() => {
          setLeft(latest.current);
          setRunning("not");
        }}
      />
    );
  }
  return (
    <Overview
      view={view}
      isReady={followed !== undefined}
      start={start}
      onStart={setStart}
      checkIn={checkIn}
      onWay={followed && (() => followed.tell({ kind: "ON_THE_WAY" }))}
      onCheckIn={() => {
        setCheckingIn(true);
        window.scrollTo(0, 0);
      }}
      onRun={() => {
        allowSound();
        setRunning("anew");
      }}
      onLed={follow}
      sensors={sensors}
      place={place}
      isOld={place !== undefined && place.revision !== view.revision}
      onGoOn={() => {
        allowSound();
        setRunning("on");
      }}
      tell={kept?.isOver ? followed?.tell : undefined}
      isForgetful={followed?.state.isForgetful ?? false}
      newRevision={newer(followed, view)}
    />
  );
}

/** Whoever left for longer than this begins anew, ms. */
const LONGEST_AWAY = 3 * 3_600_000;

/** Whether a warm-up that was left can go on: begun, not over, not long ago. */
function goesOn(place: Place): boolean {
  return !place.isOver && place.at >= 1 && Math.abs(now() - place.seenAt) < LONGEST_AWAY;
}

/** What was sent along belongs to one revision of the plan. */
function isFor(
  inHand: InHandView | undefined,
  place: Place | undefined,
  view: FollowView,
): InHandView | undefined {
  return inHand?.revision === (place?.revision ?? view.revision) ? inHand : undefined;
}

function newer(followed: Followed | undefined, view: FollowView): boolean {
  const last = followed?.state.received?.revision;
  return last !== undefined && last !== view.revision;
}

function Overview({
  view,
  isReady,
  start,
  onStart,
  checkIn,
  onWay,
  onCheckIn,
  onRun,
  onLed,
  sensors,
  place,
  isOld,
  onGoOn,
  tell,
  isForgetful,
  newRevision,
}: {
  view: FollowView;
  /** Whether it is known what the device keeps. */
  isReady: boolean;
  start: number;
  onStart: (start: number) => void;
  checkIn: CheckIn;
  onWay: (() => void) | undefined;
  onCheckIn: () => void;
  onRun: () => void;
  /** Where the coach leads: follows them. */
  onLed: (() => void) | undefined;
  sensors: Sensors;
  place: Place | undefined;
  isOld: boolean;
  onGoOn: () => void;
  /** Where the warm-up is done: what is still asked. */
  tell: Followed["tell"] | undefined;
  isForgetful: boolean;
  newRevision: boolean;
}) {
  const blocks = useMemo(() => bands(view.items, axisSpan(view.seconds)), [view]);
  return (
    <main className={css.overview}>
      <p className={css.eyebrow}>
        {view.athleteName}, {view.place}, {view.temperature} °C
      </p>
      <h1>{view.sessionTitle}</h1>
      <div className={css.begin}>
        <span>Begin at</span>
        <strong>{sayTime(localTime(beginOf(start, view.seconds)))}</strong>
        <span>
          {clock(view.seconds)} long, first effort{" "}
          <label>
            at{" "}
            <input
              type="time"
              aria-label="Start time"
              value={localTime(start)}
              onChange={(e) => e.target.value && onStart(atClock(start, e.target.value))}
            />
          </label>
        </span>
      </div>
      {tell ? (
        <Afterwards tell={tell} isDone />
      ) : (
        <CheckInStrip checkIn={checkIn} start={start} onCheckIn={onCheckIn} onWay={onWay} />
      )}
      {onLed && (
        <p role="status" className={css.caution}>
          Your coach leads this warm-up.{" "}
          <button type="button" className={css.link} onClick={place ? onGoOn : onRun}>
            {place ? "Go on alone" : "Do it alone"}
          </button>
        </p>
      )}
      <Countdown plan={view} startsAt={sayTime(localTime(start))} height={110} narrow />
      {view.cautions.map((f) => (
        <p key={f.what} className={css.caution} role="note">
          <b>{f.what}</b> {f.why}
        </p>
      ))}
      <p className={css.small}>
        Pain means stop that movement. Sharp pain, chest pain, dizziness or unusual breathlessness:
        stop and get help.
      </p>
      <ol className={css.blocks}>
        {blocks.map((b) => (
          <li key={b.from}>
            <b>{BLOCKS[b.block]}</b> <span>{clock(b.seconds)}</span>
          </li>
        ))}
      </ol>
      {newRevision && (
        <p role="status" className={css.caution}>
          Your coach has changed this warm-up.{" "}
          <button type="button" className={css.link} onClick={() => window.location.reload()}>
            Take the new one
          </button>
        </p>
      )}
      {isForgetful && (
        <p role="status" className={css.caution}>
          This phone cannot keep anything: its storage is full or closed. What you do is sent as
          long as this page stays open.
        </p>
      )}
      {isOld && (
        <p role="status" className={css.caution}>
          Your coach has changed this warm-up since you began. Below is the new one; you can go on
          with yours.
        </p>
      )}
      {place && !onLed && (
        <button type="button" className={css.anew} onClick={onRun}>
          {isOld ? "Begin the new plan" : "From the beginning"}
        </button>
      )}
      <button
        type="button"
        className={css.go}
        disabled={!isReady}
        onClick={onLed ?? (place ? onGoOn : onRun)}
      >
        {onLed
          ? "Follow your coach"
          : place
            ? `Go on at ${clock(seconds(watchOf(place, now()), now()))}`
            : "Start"}
      </button>
      <SensorPanel sensors={sensors} />
      <SensesSwitch />
      <p className={css.small}>
        <a
          href={`/api${window.location.pathname.replace("/f/", "/follow/")}/calendar.ics`}
          download
        >
          Put it in my calendar
        </a>{" "}
        ·{" "}
        <a href={`/api${window.location.pathname.replace("/f/", "/follow/")}/workout.tcx`} download>
          For my watch
        </a>{" "}
        · Paces in <MeasuresSwitch />
      </p>
    </main>
  );
}

/** Nobody is on the way to what is further off, ms. */
const NEAR = 4 * 3_600_000;

/** Half a minute, before anything else; afterwards what became of it. */
function CheckInStrip({
  checkIn,
  start,
  onCheckIn,
  onWay,
}: {
  checkIn: CheckIn;
  start: number;
  onCheckIn: () => void;
  onWay: (() => void) | undefined;
}) {
  const [opened] = useState(now);
  const [isOnWay, setOnWay] = useState(false);
  if (opened > start) return null;
  const isTold = checkIn.waits !== undefined || (checkIn.standing?.state ?? null) !== null;
  return (
    <section className={css.checkIn} aria-label="Check-in">
      <p role="status">{checkInWords(checkIn)}</p>
      {isTold && onWay && start - opened < NEAR && (
        <button
          type="button"
          disabled={isOnWay}
          onClick={() => {
            setOnWay(true);
            onWay();
          }}
        >
          {isOnWay ? "On my way" : "I am on my way"}
        </button>
      )}
      <button type="button" onClick={onCheckIn}>
        {isTold ? "Tell anew" : "Check in"}
      </button>
    </section>
  );
}

function checkInWords({ standing, waits, refused }: CheckIn): string {
  if (refused) return refused;
  if (waits) return "Told. It is sent as soon as there is a network.";
  switch (standing?.state ?? undefined) {
    case "TAKEN":
      return "Your coach has taken over what you told.";
    case "REFUSED":
    case "RELEASED":
      return "Your coach has seen what you told: the plan stays.";
    case "NOTHING":
      return "Checked in. The plan stays as it is.";
    case "LATE":
      return "Told after the start; your coach can see it.";
    case "OPEN":
    case "SUPERSEDED":
      return "Told. Your coach decides what changes.";
    case undefined:
      return "How are you today? It takes half a minute.";
  }
}
