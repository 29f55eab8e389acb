import { Box, Button } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { SessionView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";

/** Whoever of these sessions has no warm-up yet. */
function missingIn(sessions: readonly SessionView[]) {
  return sessions.flatMap(({ id, details, warmUps }) =>
    details.athleteIds
      .filter((athleteId) => !warmUps.some((w) => w.athleteId === athleteId))
      .map((athleteId) => ({ sessionId: id, athleteId })),
  );
}

/** For everybody of one session, a day or a week who has no warm-up yet, one after the other. */
export function PrescribeAll({
  sessions,
  of,
  what,
}: {
  sessions: readonly SessionView[];
  /** What all of it belongs to, for those who hear the button's name. */
  of: string;
  /** On the button before the number; "for all" where nothing is said. */
  what?: string;
}) {
  const queries = useQueryClient();
  const [done, setDone] = useState(0);
  const missing = missingIn(sessions);
  const prescribe = useMutation({
    mutationFn: async (asked: ReturnType<typeof missingIn>) => {
      setDone(0);
      for (const body of asked) {
        await data(api.POST("/api/prescriptions", { body }));
        setDone((before) => before + 1);
      }
    },
    // Also after a failure: what was prescribed until then is there.
    onSettled: () => invalidate(queries, ["sessions"]),
  });
  if (missing.length < 2 && !prescribe.isPending && !prescribe.error) return null;
  return (
    <Box>
      <Button
        disabled={prescribe.isPending}
        aria-label={`Prescribe ${of} for all`}
        onClick={() => prescribe.mutate(missing)}
      >
        {prescribe.isPending
          ? `Prescribing: ${done} of ${prescribe.variables.length}`
          : `Prescribe ${what ?? "for all"} ${missing.length}`}
      </Button>
      {prescribe.error && <ErrorNotice error={prescribe.error} />}
    </Box>
  );
}
