// What is kept and told of the warm-up in hand, and what was sent along with it.
import { useEffect, useRef, useState } from "react";
import type { FollowView, InHandView } from "../api/types";
import type { Happening, Keeping, Place } from "./keeping";
import { openKeeping } from "./keeping";
import { Outbox, type OutboxState } from "./outbox";
import { fetchKept } from "./version";

export interface Followed {
  /** Where it stood when the page was closed, if it had begun. */
  place: Place | undefined;
  tell: (happening: Omit<Happening, "at">, at?: number) => void;
  keepPlace: (place: Place) => void;
  state: OutboxState;
  inHand: InHandView | undefined;
}

const NOTHING: OutboxState = { isForgetful: false, waits: false };

/** Undefined until it is known what the device keeps. */
export function useFollowed(token: string, view: FollowView): Followed | undefined {
  const [opened, setOpened] = useState<{ keeping: Keeping; place: Place | undefined }>();
  const [state, setState] = useState<OutboxState>(NOTHING);
  const [inHand, setInHand] = useState<InHandView>();
  const outbox = useRef<Outbox>(undefined);
  const revision = useRef(view.revision);

  useEffect(() => {
    let isCurrent = true;
    void openKeeping(token).then(async (keeping) => {
      const place = await keeping.place();
      if (!isCurrent) return;
      if (place) revision.current = place.revision;
      outbox.current = new Outbox(token, keeping, () => revision.current, setState);
      setOpened({ keeping, place });
      void outbox.current.send();
    });
    const send = () => void outbox.current?.send();
    window.addEventListener("online", send);
    window.addEventListener("pagehide", send);
    document.addEventListener("visibilitychange", send);
    return () => {
      isCurrent = false;
      outbox.current?.close();
      window.removeEventListener("online", send);
      window.removeEventListener("pagehide", send);
      document.removeEventListener("visibilitychange", send);
    };
  }, [token]);

  useEffect(() => {
    let isCurrent = true;
    fetchKept(`/api/follow/${encodeURIComponent(token)}/in-hand`)
      .then((response) => (response.ok ? (response.json() as Promise<InHandView>) : undefined))
      .then((answer) => {
        if (isCurrent) setInHand(answer);
      })
      .catch(() => undefined);
    return () => {
      isCurrent = false;
    };
  }, [token]);

  if (!opened) return undefined;
  return {
    place: opened.place,
    tell: (happening, at) => void outbox.current?.tell(happening, at),
    keepPlace: (place) => {
      revision.current = place.revision;
      void outbox.current?.keep(place).catch(() => undefined);
    },
    state,
    inHand,
  };
}
