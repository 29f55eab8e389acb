import { useEffect, useRef, useState } from "react";
import type { FollowView, InHandView } from "../api/types";
import { later } from "../shared/later";
import { useCheckIn } from "../checkin/useCheckIn";
import { now } from "../running/clock";
import type { Place } from "./keeping";
import { LinkNotice } from "./LinkNotice";
import { Afterwards, Overview } from "./Overview";
import { Gauges, LookPanel, Player } from "./Player";
import { allowSound } from "../running/signals";
import { startInstant } from "../running/starttime";
import { useFollowed, type Followed } from "./useFollowed";
import { useSensors } from "./useSensors";
import { useLed } from "./useLed";
import { useKept } from "./useKept";

const CheckInForm = later(async () => (await import("../checkin/CheckInForm")).CheckInForm);
const Held = later(async () => (await import("../checkin/Held")).Held);
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
