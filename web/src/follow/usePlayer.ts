// A player in the hand: its clock runs, its touches are taken, and what it tells is told.
import { useCallback, useEffect, useRef, useState } from "react";
import type { FollowView } from "../api/types";
import * as evenClock from "../running/clock";
import type { Happening, Place } from "./keeping";
import { begin, step, type Playing, type Touch } from "./playing";
import type { Led } from "./useLed";

/** Tells what happened, now unless said otherwise. */
export type Tell = (happening: Omit<Happening, "at">, at?: number) => void;

/** So often it is looked where one is, ms. */
const TICK = 100;

interface Shown {
  player: Playing;
  /** What is shown and the clock go together: never a moment before what is gone to. */
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
