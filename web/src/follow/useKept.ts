import { useEffect, useState } from "react";
import { problemOf } from "../api/problem";
import type { FollowView } from "../api/types";
import { setHourCycle } from "../shared/calendar";
import { setUsualMeasures } from "../shared/measures";
import { fetchKept } from "./version";

/** What every page of an athlete brings with it: how the club writes times and figures. */
type OfClub = Pick<FollowView, "hourCycle" | "measures">;

export interface Kept<T> {
  view?: T;
  error?: string;
}

/** Fetches what a link leads to; with no network, the service worker answers from its cache. */
export function useKept<T extends OfClub>(path: string): Kept<T> {
  const [state, setState] = useState<Kept<T>>({});
  useEffect(() => {
    let current = true;
    async function load() {
      try {
        const response = await fetchKept(path);
        if (!response.ok) throw await problemOf(response);
        const view = (await response.json()) as T;
        setHourCycle(view.hourCycle);
        setUsualMeasures(view.measures);
        if (current) setState({ view });
      } catch (error) {
        const words =
          error instanceof Error && error.name !== "TypeError"
            ? error.message
            : "You are offline, and this has not been opened on this device before.";
        if (current) setState({ error: words });
      }
    }
    void load();
    return () => {
      current = false;
    };
  }, [path]);
  return state;
}
