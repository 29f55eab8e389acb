import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";

/** Prescribes for an athlete and a session, then opens the builder. */
export function usePrescribe() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  return useMutation({
    mutationFn: (whom: { sessionId: string; athleteId: string }) =>
      data(api.POST("/api/prescriptions", { body: whom })),
    onSuccess: (prescription) => {
      queries.setQueryData(["prescription", prescription.id], prescription);
      invalidate(queries, ["sessions"]);
      void navigate(`/prescriptions/${prescription.id}`);
    },
  });
}
