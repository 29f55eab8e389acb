import { useCallback, useRef, useState } from "react";
import { api, data } from "../api/client";
import type { PlanView } from "../api/types";
import type { Edit } from "./usePlan";

/** The plan an edit would lead to, while it is still in the air; the newest edit wins. */
export function usePreview(id: string, baseRevision: number) {
  const [plan, setPlan] = useState<PlanView>();
  const latest = useRef(0);
  const show = useCallback(
    (edit: Edit | undefined) => {
      const asked = ++latest.current;
      if (!edit) {
        setPlan(undefined);
        return;
      }
      data(
        api.POST("/api/prescriptions/{id}/preview", {
          params: { path: { id } },
          body: { edit, baseRevision },
        }),
      ).then(
        (preview) => {
          if (asked === latest.current) setPlan(preview);
        },
        // Only a picture is missing; letting go says what is wrong.
        () => undefined,
      );
    },
    [id, baseRevision],
  );
  return { preview: plan, show };
}
