import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { BoardNow, BoardSession, BoardView, Crossing } from "../api/types";

/** A server that refused is asked again after so long, ms. */
const AGAIN = 10_000;

export interface Board {
  view: BoardView | undefined;
  error: Error | null;
  retry: () => void;
  /** Moves a start; what it was is given back for undo. */
  shift: (session: Pick<BoardSession, "id" | "version" | "title">, minutes: number) => void;
  shiftError: Error | null;
  moved: Moved | undefined;
  undo: () => void;
}

export interface Moved {
  id: string;
  version: number;
  title: string;
  minutes: number;
}

/** A day's board, told live by the server. */
export function useBoard(date: string, coaches: number): Board {
  const queries = useQueryClient();
  const key = ["board", date, coaches];
  const board = useQuery({
    queryKey: key,
    queryFn: () => data(api.GET("/api/board", { params: { query: { date, coaches } } })),
    placeholderData: (previous) => previous,
  });
  const live = useLiveBoard((calendar) => {
    if (calendar !== board.data?.live.calendar) void board.refetch();
  });
  const [moved, setMoved] = useState<Moved>();
  const shift = useMutation({
    mutationFn: ({ id, version, minutes }: Omit<Moved, "title"> & { title: string }) =>
      data(
        api.POST("/api/sessions/{id}/shift", {
          params: { path: { id }, query: { version, minutes } },
        }),
      ),
    onSuccess: (session, asked) =>
      setMoved(
        asked.title === ""
          ? undefined
          : { id: asked.id, version: session.version, title: asked.title, minutes: asked.minutes },
      ),
    onSettled: () => {
      invalidate(queries, ["sessions"]);
      void board.refetch();
    },
  });
  const view = board.data && live ? { ...board.data, live } : board.data;
  return {
    view,
    error: board.error,
    retry: () => void board.refetch(),
    shift: ({ id, version, title }, minutes) => shift.mutate({ id, version, title, minutes }),
    shiftError: shift.error,
    moved,
    undo: () => {
      if (moved) shift.mutate({ ...moved, minutes: -moved.minutes, title: "" });
    },
  };
}

/** How everything stands, as it is told; of a calendar that changed the page is told. */
function useLiveBoard(onCalendar: (calendar: string) => void): BoardNow | undefined {
  const [now, setNow] = useState<BoardNow>();
  useEffect(() => {
    if (typeof EventSource === "undefined") return;
    let source: EventSource;
    let timer: ReturnType<typeof setTimeout>;
    function open() {
      source = new EventSource("/api/board/live");
      source.addEventListener("state", (event: MessageEvent<string>) => {
        setNow(JSON.parse(event.data) as BoardNow);
      });
      source.addEventListener("error", () => {
        if (source.readyState === EventSource.CLOSED) timer = setTimeout(open, AGAIN);
      });
    }
    open();
    return () => {
      clearTimeout(timer);
      source.close();
    };
  }, []);
  const calendar = now?.calendar;
  useEffect(() => {
    if (calendar !== undefined) onCalendar(calendar);
    // Only what was told matters, not who asks.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [calendar]);
  return now;
}

/** Crossings as they would be, asked for while a start is dragged. */
export function useTried(
  date: string,
  coaches: number,
  dragged: { sessionId: string; minutes: number } | undefined,
): Crossing[] | undefined {
  const tried = useQuery({
    queryKey: ["crossings", date, coaches, dragged],
    queryFn: ({ signal }) =>
      data(
        api.GET("/api/board/crossings", {
          params: {
            query: {
              date,
              coaches,
              sessionId: dragged?.sessionId ?? "",
              minutes: dragged?.minutes ?? 0,
            },
          },
          signal,
        }),
      ),
    enabled: dragged !== undefined && dragged.minutes !== 0,
    placeholderData: (previous) => previous,
    staleTime: 5000,
  });
  return dragged && dragged.minutes !== 0 ? tried.data : undefined;
}
