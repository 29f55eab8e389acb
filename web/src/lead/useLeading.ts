import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { LeadState, LeadView } from "../api/types";
import { newKey } from "../shared/once";
import { Leader, type Leading } from "./leader";
import { useLive } from "./useLive";

const KEY = "jubilee-lead";

/** One page is one device: two of them do not lead at once. */
function deviceId(): string {
  try {
    const kept = sessionStorage.getItem(KEY) ?? newKey();
    sessionStorage.setItem(KEY, kept);
    return kept;
  } catch {
    return newKey();
  }
}

export interface UseLeading {
  view: LeadView | undefined;
  leading: Leading | undefined;
  /** Whether this device leads. */
  isLeader: boolean;
  isPending: boolean;
  error: unknown;
  begin: () => void;
  change: (next: Partial<LeadState>) => void;
}

/** The lead of a session, from the device that leads it or from another one. */
export function useLeading(sessionId: string): UseLeading {
  const queries = useQueryClient();
  const path = { params: { path: { id: sessionId } } };
  const key = ["lead", sessionId];
  const query = useQuery({
    queryKey: key,
    queryFn: () => data(api.GET("/api/sessions/{id}/lead", path)),
    retry: false,
    refetchOnWindowFocus: false,
  });
  const [device] = useState(deviceId);
  const [leading, setLeading] = useState<Leading>();
  const [error, setError] = useState<unknown>();
  const leader = useRef<Leader>(undefined);
  const view = query.data;
  const leadId = view?.state.leadId;
  const told = useLive(view && `/api/sessions/${sessionId}/lead/live`);

  useEffect(() => {
    const begun = queries.getQueryData<LeadView>(["lead", sessionId]);
    if (leadId === undefined || !begun) return;
    const at = { params: { path: { id: sessionId } } };
    const mine = new Leader(
      begun.state,
      device,
      (state) => data(api.PUT("/api/sessions/{id}/lead/state", { ...at, body: state })),
      setLeading,
      () => {
        void data(api.GET("/api/sessions/{id}/lead", at)).then((now) => mine.adopt(now.state));
      },
    );
    leader.current = mine;
    return () => mine.close();
  }, [leadId, sessionId, device, queries]);

  useEffect(() => {
    if (!told) return;
    if (told.leadId === leadId) leader.current?.hear(told);
    else void queries.invalidateQueries({ queryKey: ["lead", sessionId] });
  }, [told, leadId, queries, sessionId]);

  const known = leading?.state.leadId === leadId ? leading : undefined;
  const shown = known ?? (view && { state: view.state, waits: false });
  const isNobody = query.error instanceof Problem && query.error.status === 404;
  return {
    view,
    leading: shown,
    isLeader: shown?.state.device === device,
    isPending: query.isPending,
    error: error ?? (isNobody ? undefined : query.error),
    begin: () => {
      setError(undefined);
      data(api.POST("/api/sessions/{id}/lead", { ...path, body: { device } })).then(
        (begun) => queries.setQueryData(key, begun),
        setError,
      );
    },
    change: (next) => leader.current?.change(next),
  };
}
