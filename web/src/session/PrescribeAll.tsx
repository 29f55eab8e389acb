import { Box, Button } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { SessionView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";

/** For everybody of a session who has no warm-up yet, one after the other. */
export function PrescribeAll({ session }: { session: SessionView }) {
  const queries = useQueryClient();
  const [done, setDone] = useState(0);
  const missing = session.details.athleteIds.filter(
    (id) => !session.warmUps.some((w) => w.athleteId === id),
  );
  const prescribe = useMutation({
    mutationFn: async (athleteIds: string[]) => {
      setDone(0);
      for (const athleteId of athleteIds) {
        await data(api.POST("/api/prescriptions", { body: { sessionId: session.id, athleteId } }));
        setDone((before) => before + 1);
      }
    },
    // Also after a failure: what was prescribed until then is there.
    onSettled: () => invalidate(queries, ["sessions"]),
  });
  if (missing.length < 2 && !prescribe.isPending && !prescribe.error) return null;
  return (
    <Box mt="2">
      <Button
        disabled={prescribe.isPending}
        aria-label={`Prescribe ${session.details.title} for all`}
        onClick={() => prescribe.mutate(missing)}
      >
        {prescribe.isPending
          ? `Prescribing: ${done} of ${prescribe.variables.length}`
          : `Prescribe for all ${missing.length}`}
      </Button>
      {prescribe.error && <ErrorNotice error={prescribe.error} />}
    </Box>
  );
}
