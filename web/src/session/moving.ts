// Moving a session to another day; its time of day, athletes and warm-ups go with it.
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { SessionView } from "../api/types";

/** Where a session was, for the way back. */
export interface Moved {
  session: SessionView;
  from: string;
}

export function useMoving() {
  const queries = useQueryClient();
  const [moved, setMoved] = useState<Moved>();
  const move = useMutation({
    mutationFn: ({ session, to }: { session: SessionView; to: string }) =>
      data(
        api.PUT("/api/sessions/{id}", {
          params: { path: { id: session.id }, query: { version: session.version } },
          body: { ...session.details, startsAt: onDay(session.details.startsAt, to) },
        }),
      ),
    onSuccess: (session, { session: before }) =>
      setMoved({ session, from: before.details.startsAt.slice(0, 10) }),
    onSettled: () => invalidate(queries, ["sessions"]),
  });
  const moveTo = (session: SessionView, to: string) => {
    if (to !== session.details.startsAt.slice(0, 10)) move.mutate({ session, to });
  };
  return { moved, move, moveTo, forget: () => setMoved(undefined) };
}

export function onDay(startsAt: string, day: string): string {
  return `${day}${startsAt.slice(10)}`;
}
