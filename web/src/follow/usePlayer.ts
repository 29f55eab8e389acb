// Runs the player in a page: ticks its clock, passes on touches and sends its events.
import { useCallback, useEffect, useRef, useState } from "react";
import type { FollowView } from "../api/types";
import * as evenClock from "../running/clock";
import type { Happening, Place } from "./keeping";
import { begin, step, type Playing, type Touch } from "./playing";
import type { Led } from "./useLed";

/** Sends an event, timed now by default. */
export type Tell = (happening: Omit<Happening, "at">, at?: number) => void;

/** Time between ticks, ms. */
const TICK = 100;

interface Shown {
  player: Playing;
  /** The time of the latest step; the screen never shows a moment before it. */
  now: number;
  touch: (touch: Touch) => void;
}

export function usePlayer(
  view: FollowView,
  place: Place | undefined,
  led: Led | undefined,
  tell: Tell,
): Shown {
  const [shown, show] = useState(() => {
    const now = evenClock.now();
    return { player: begin(view, place, led, now), now };
  });
  const latest = useRef({ player: shown.player, tell });
  useEffect(() => {
    latest.current.tell = tell;
  });
  const touch = useCallback((touched: Touch) => {
    const now = evenClock.now();
    const { player, told } = step(latest.current.player, touched, now);
    latest.current.player = player;
    show({ player, now });
    for (const happening of told) latest.current.tell(happening);
  }, []);
  useEffect(() => touch({ kind: "LED", led }), [led, touch]);
  useEffect(() => {
    const timer = setInterval(() => touch({ kind: "TIME" }), TICK);
    return () => clearInterval(timer);
  }, [touch]);
  return { ...shown, touch };
}
