import { useMemo, useState } from "react";
import type { FollowView } from "../api/types";
import { Countdown } from "../shared/Countdown";
import { sayTime } from "../shared/calendar";
import { MeasuresSwitch } from "../shared/MeasuresSwitch";
import { clock } from "../shared/units";
import { BLOCKS } from "../shared/words";
import { bands, axisSpan } from "../shared/staircase";
import { Player } from "./Player";
import { PrintSheet } from "./PrintSheet";
import { allowSound } from "./signals";
import { atClock, beginOf, localTime, startInstant } from "./starttime";
import { useFollow } from "./useFollow";
import css from "./follow.module.css";

export function FollowPage({ token, print }: { token: string; print: boolean }) {
  const { view, error } = useFollow(token);
  if (error) {
    return (
      <main className={css.notice} role="alert">
        <h1>This link does not work</h1>
        <p>{error}</p>
      </main>
    );
  }
  if (!view) return <main className={css.notice}>Loading…</main>;
  return print ? <PrintSheet view={view} /> : <Follow view={view} />;
}

function Follow({ view }: { view: FollowView }) {
  const [running, setRunning] = useState(false);
  const [start, setStart] = useState(() => startInstant(view.startsAt));
  if (running) {
    return <Player view={view} start={start} onLeave={() => setRunning(false)} />;
  }
  return (
    <Overview
      view={view}
      start={start}
      onStart={setStart}
      onRun={() => {
        allowSound();
        setRunning(true);
      }}
    />
  );
}

function Overview({
  view,
  start,
  onStart,
  onRun,
}: {
  view: FollowView;
  start: number;
  onStart: (start: number) => void;
  onRun: () => void;
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
      <button type="button" className={css.go} onClick={onRun}>
        Start
      </button>
      <p className={css.small}>
        <a
          href={`/api${window.location.pathname.replace("/f/", "/follow/")}/calendar.ics`}
          download
        >
          Put it in my calendar
        </a>{" "}
        · Paces in <MeasuresSwitch />
      </p>
    </main>
  );
}
