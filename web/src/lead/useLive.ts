import { useEffect, useState } from "react";
import type { LeadState } from "../api/types";

/** A server that refused is asked again after so long, ms. */
const AGAIN = 10_000;

/** How a lead stands by now, told by the server as it changes; what was told last stays. */
export function useLive(path: string | undefined): LeadState | undefined {
  const [state, setState] = useState<LeadState>();
  useEffect(() => {
    if (path === undefined || typeof EventSource === "undefined") return;
    let source: EventSource;
    let timer: ReturnType<typeof setTimeout>;
    function open(from: string) {
      source = new EventSource(from);
      source.addEventListener("state", (event: MessageEvent<string>) => {
        const told = JSON.parse(event.data) as LeadState;
        setState((before) => (isNewer(told, before) ? told : before));
      });
      source.addEventListener("error", () => {
        // A broken line is mended by the browser; one that was refused is not.
        if (source.readyState === EventSource.CLOSED) timer = setTimeout(() => open(from), AGAIN);
      });
    }
    open(path);
    return () => {
      clearTimeout(timer);
      source.close();
    };
  }, [path]);
  return state;
}

function isNewer(told: LeadState, before: LeadState | undefined): boolean {
  return told.leadId !== before?.leadId || told.number > before.number;
}
