import { useEffect, useState } from "react";
import { now } from "../running/clock";
import { ServerClock } from "./serverClock";

/** Questions at first, and at each time after it. */
const AT_FIRST = 8;
const LATER = 4;

/** So often it is asked anew, ms. */
const EVERY = 60_000;

/** What is known of the server's clock: ms to add to the own, and by how much that may be wrong. */
export interface Known {
  offset: number;
  within: number;
}

/** Undefined until the server has answered once. */
export function useServerClock(isWanted: boolean): Known | undefined {
  const [known, setKnown] = useState<Known>();
  useEffect(() => {
    if (!isWanted) return;
    let isCurrent = true;
    let clock = new ServerClock();
    async function ask(times: number) {
      for (let i = 0; i < times && isCurrent; i++) {
        try {
          clock.take(await question());
        } catch {
          // With no network what was known goes on.
        }
      }
      if (isCurrent && clock.isSet) {
        setKnown({ offset: clock.offset, within: clock.within(now()) });
      }
    }
    void ask(AT_FIRST);
    const again = () => void ask(LATER);
    const timer = setInterval(again, EVERY);
    const anew = () => {
      if (document.visibilityState !== "visible") return;
      // While nobody looked the device may have slept: what was known of its clock is not any more.
      clock = new ServerClock();
      void ask(AT_FIRST);
    };
    window.addEventListener("online", again);
    document.addEventListener("visibilitychange", anew);
    return () => {
      isCurrent = false;
      clearInterval(timer);
      window.removeEventListener("online", again);
      document.removeEventListener("visibilitychange", anew);
    };
  }, [isWanted]);
  return known;
}

async function question() {
  const sent = now();
  const response = await fetch("/api/clock", { cache: "no-store" });
  if (!response.ok) throw new Error(`the server answered ${response.status}`);
  const { now: server } = (await response.json()) as { now: number };
  return { sent, server, received: now() };
}
