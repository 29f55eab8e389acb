import { useMemo } from "react";
import type { FollowView } from "../api/types";
import { Countdown } from "../shared/Countdown";
import { sayTime } from "../shared/calendar";
import { later } from "../shared/later";
import { MeasuresSwitch } from "../shared/MeasuresSwitch";
import { clock } from "../shared/units";
import { BLOCKS } from "../shared/words";
import { bands, axisSpan } from "../shared/staircase";
import type { CheckIn } from "../checkin/useCheckIn";
import { now } from "../running/clock";
import { CheckInStrip } from "./CheckInStrip";
import type { Place } from "./keeping";
import { watchOf } from "./playing";
import { SensesSwitch } from "../running/SensesSwitch";
import { atClock, beginOf, localTime } from "../running/starttime";
import { seconds } from "../running/stopwatch";
import type { Followed } from "./useFollowed";
import type { Sensors } from "./useSensors";
import css from "./follow.module.css";

export const Afterwards = later(async () => (await import("./Afterwards")).Afterwards);
const SensorPanel = later(async () => (await import("./SensorPanel")).SensorPanel);

/** The warm-up before it begins, and once it is done. */
export function Overview({
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
