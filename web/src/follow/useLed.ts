// Being led: what the coach's device does to the clock of all.
import { useEffect, useMemo, useState } from "react";
import type { LeadState, LeadStep, LedView } from "../api/types";
import { watchOfLead } from "../lead/steps";
import { useLive } from "../lead/useLive";
import { useServerClock } from "../lead/useServerClock";
import type { Stopwatch } from "../running/stopwatch";

export interface Led {
  steps: readonly LeadStep[];
  state: LeadState;
  /** Of the first step, by the own clock. */
  watch: Stopwatch;
  /** By how much the clocks may differ, ms. */
  within: number;
}

/** Undefined while nobody leads, and until it is known how. */
export function useLed(token: string): Led | undefined {
  const path = `/api/follow/${encodeURIComponent(token)}`;
  const state = useLive(`${path}/live`);
  const [led, setLed] = useState<LedView>();
  const isLed = state !== undefined && !state.isEnded;
  const leadId = isLed ? state.leadId : undefined;
  const known = useServerClock(isLed);
  useEffect(() => {
    if (leadId === undefined) return;
    let isCurrent = true;
    fetch(`${path}/lead`)
      .then((response) => (response.ok ? (response.json() as Promise<LedView>) : undefined))
      .then((view) => {
        if (isCurrent && view) setLed(view);
      })
      .catch(() => undefined);
    return () => {
      isCurrent = false;
    };
  }, [path, leadId]);
  return useMemo(
    () =>
      isLed && known && led?.state.leadId === state.leadId
        ? {
            steps: led.steps,
            state,
            watch: watchOfLead(state, known.offset),
            within: known.within,
          }
        : undefined,
    [isLed, known, led, state],
  );
}
