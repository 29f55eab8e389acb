import type { CSSProperties } from "react";
import type { InHandView } from "../api/types";
import { ember } from "../shared/ember";
import { clock } from "../shared/units";
import { Afterwards } from "./Afterwards";
import { Slipped } from "./InHand";
import type { Tell } from "./useTelling";
import clsx from "clsx";
import css from "./follow.module.css";

interface Props {
  /** The first effort, and now, ms. */
  start: number;
  now: number;
  slipped: InHandView["slipped"];
  onTopUp: (topUp: InHandView["slipped"][number]) => void;
  tell: Tell;
  onLeave: () => void;
}

/** The warm-up is done: the wait, and what is told afterwards. */
export function Ready({ start, now, slipped, onTopUp, tell, onLeave }: Props) {
  return (
    <main className={clsx(css.player, css.done)} style={{ "--effort": ember(95) } as CSSProperties}>
      <p className={css.eyebrow}>Warm-up done</p>
      <h1>Ready. Go to the start.</h1>
      <Until start={start} now={now} />
      <Slipped choices={slipped} onSlipped={onTopUp} />
      <Afterwards tell={tell} />
      <button type="button" className={css.go} onClick={onLeave}>
        Close
      </button>
    </main>
  );
}

function Until({ start, now }: { start: number; now: number }) {
  const left = Math.round((start - now) / 1000);
  if (left < 0 || left > 6 * 3600) return null;
  return <p>First effort in {clock(left)}. Keep moving, keep warm.</p>;
}
