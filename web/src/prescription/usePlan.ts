import { skipToken, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { EditRequest, PlanView, PrescriptionView } from "../api/types";

export type Edit = EditRequest["edit"];
export type Step = Edit | "undo" | "redo" | "refresh";

/** Decided on the plan as it is when the steps before are done; nothing may be left to do. */
export type LateStep = (now: PrescriptionView) => Step | undefined;

/**
 * A prescription and what can be done to it. Steps run one after another, each on the revision
 * the one before it made, so that quick typing never conflicts with itself.
 */
export function usePlan(id: string) {
  const queries = useQueryClient();
  const key = ["prescription", id];
  const query = useQuery({
    queryKey: key,
    queryFn: () => data(api.GET("/api/prescriptions/{id}", { params: { path: { id } } })),
  });
  // The plan before the last change, kept beside the present one.
  const formerKey = ["former-plan", id];
  const former = useQuery<PlanView>({ queryKey: formerKey, queryFn: skipToken });
  const step = useMutation({
    scope: { id: `prescription-${id}` },
    mutationFn: async (asked: Step | LateStep): Promise<PrescriptionView> => {
      const current = queries.getQueryData<PrescriptionView>(key);
      if (!current) throw new Problem(0, "The plan is not loaded yet.", []);
      const what = typeof asked === "function" ? asked(current) : asked;
      if (!what) return current;
      const params = { path: { id }, query: { baseRevision: current.revision } };
      switch (what) {
        case "undo":
          return data(api.POST("/api/prescriptions/{id}/undo", { params }));
        case "redo":
          return data(api.POST("/api/prescriptions/{id}/redo", { params }));
        case "refresh":
          return data(api.POST("/api/prescriptions/{id}/refresh", { params }));
        default:
          return data(
            api.POST("/api/prescriptions/{id}/edits", {
              params: { path: { id } },
              body: { edit: what, baseRevision: current.revision },
            }),
          );
      }
    },
    onSuccess: (view) => {
      if (view === queries.getQueryData(key)) return;
      queries.setQueryData(formerKey, queries.getQueryData<PrescriptionView>(key)?.plan);
      queries.setQueryData(key, view);
      invalidate(queries, ["sessions"], ["alternatives", id]);
    },
    onError: async (error) => {
      // Someone else was quicker: show theirs beside the message, and go on from it.
      if (error instanceof Problem && error.status === 409) await query.refetch();
    },
  });
  return { query, step, former: former.data };
}
