import { useEffect, useState } from "react";
import { problemOf } from "../api/problem";
import type { FollowView } from "../api/types";
import { setHourCycle } from "../shared/calendar";
import { setUsualMeasures } from "../shared/measures";

export interface Follow {
  view?: FollowView;
  error?: string;
}

/** Fetches what a link leads to; with no network, the service worker answers from its cache. */
export function useFollow(token: string): Follow {
  const [state, setState] = useState<Follow>({});
  useEffect(() => {
    let current = true;
    async function load() {
      try {
        const response = await fetch(`/api/follow/${encodeURIComponent(token)}`);
        if (!response.ok) throw await problemOf(response);
        const view = (await response.json()) as FollowView;
        setHourCycle(view.hourCycle);
        setUsualMeasures(view.measures);
        if (current) setState({ view });
      } catch (error) {
        const words =
          error instanceof Error && error.name !== "TypeError"
            ? error.message
            : "You are offline, and this warm-up has not been opened on this device before.";
        if (current) setState({ error: words });
      }
    }
    void load();
    return () => {
      current = false;
    };
  }, [token]);
  return state;
}
