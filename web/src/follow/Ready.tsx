import { useState, type CSSProperties } from "react";
import type { FollowView, InHandView } from "../api/types";
import { sayTime } from "../shared/calendar";
import { ember } from "../shared/ember";
import { clock } from "../shared/units";
import { Afterwards } from "./Afterwards";
import { Slipped } from "./InHand";
import { localTime } from "../running/starttime";
import type { Tell } from "./usePlayer";
import clsx from "clsx";
import css from "./follow.module.css";

interface Props {
  /** The first effort, and now, ms. */
  start: number;
  now: number;
  /** When the last of it was done, ms; unknown where it was gone to while the clock stood. */
  ended: number | undefined;
  startWindow: FollowView["startWindow"];
  slipped: InHandView["slipped"];
  onTopUp: (topUp: InHandView["slipped"][number]) => void;
  tell: Tell;
  onLeave: () => void;
}

/** The warm-up is done: the wait, and what is told afterwards. */
export function Ready({ start, now, ended, startWindow, slipped, onTopUp, tell, onLeave }: Props) {
  return (
    <main className={clsx(css.player, css.done)} style={{ "--effort": ember(95) } as CSSProperties}>
      <p className={css.eyebrow}>Warm-up done</p>
      <Wait start={start} now={now} ended={ended} startWindow={startWindow} />
      <Slipped choices={slipped} onSlipped={onTopUp} />
      <Afterwards tell={tell} />
      <button type="button" className={css.go} onClick={onLeave}>
        Close
      </button>
    </main>
  );
}

/** Further from the start than this it is another day's, s. */
const FAR = 6 * 3600;

/** Until the start, what to do in it, and how long the warm-up still holds. */
function Wait({
  start,
  now,
  ended,
  startWindow,
}: Pick<Props, "start" | "now" | "ended" | "startWindow">) {
  const [shown] = useState(now);
  const left = Math.round((start - now) / 1000);
  if (Math.abs(left) > FAR) return <h1>Ready. Go to the start.</h1>;
  // Planned to end at the start: what holds then holds as long after the real end.
  const since = ended ?? shown;
  const holds = startWindow ? Math.round((since - now) / 1000) + startWindow.to : undefined;
  const isOver = holds !== undefined && holds < 0;
  const figure = left > 0 ? clock(left) : "0:00";
  return (
    <>
      <h1>{isOver ? "You have cooled down. Top up." : "Ready. Go to the start."}</h1>
      <section className={css.count} data-testid="wait">
        <span className={css.side}>{left > 0 ? "first effort in" : "the start is now"}</span>
        <strong style={{ "--characters": figure.length } as CSSProperties}>{figure}</strong>
        <span className={css.of}>
          {holds !== undefined &&
            !isOver &&
            `what you did holds until ${sayTime(localTime(now + 1000 * holds))}`}
        </span>
      </section>
      {startWindow && (
        <div className={css.window} aria-hidden>
          <i style={{ width: `${share(now, since, startWindow)}%` }} />
        </div>
      )}
      <p className={css.cues}>{meanwhile(left, isOver)}</p>
    </>
  );
}

/** How much of the time in which it holds is left, %. */
function share(now: number, since: number, { to }: NonNullable<FollowView["startWindow"]>): number {
  return Math.max(0, Math.min(100, 100 - (now - since) / (10 * Math.max(1, to))));
}

/** Common practice of coaches before a start, by what is left of the wait, s. */
function meanwhile(left: number, isOver: boolean): string {
  if (isOver) return "Move until you sweat lightly again; the times below say how.";
  if (left > 600) return "Warm things back on. Stay on your feet, walk, nothing hard.";
  if (left > 180) return "Warm things on, stay on your feet: walk, easy swings.";
  if (left > 0) return "Jacket off at the last moment. Loose and easy; the first effort is next.";
  return "Go when you are called.";
}
