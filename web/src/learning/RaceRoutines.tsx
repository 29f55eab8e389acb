import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, data } from "../api/client";
import type { Sport } from "../api/types";
import { dayAndMonth } from "../shared/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { Soft } from "../shared/panels";
import { READY } from "../logbook/done";
import { SPORTS } from "../shared/sports";
import { drifts, figure } from "./words";

/** What is done before races: frozen from the best day, and let go again. */
export function RaceRoutines({ athleteId, sport }: { athleteId: string; sport: Sport }) {
  const queries = useQueryClient();
  const params = { path: { id: athleteId } };
  const key = ["race-routines", athleteId];
  const routines = useQuery({
    queryKey: key,
    queryFn: () => data(api.GET("/api/athletes/{id}/race-routines", { params })),
  });
  const freeze = useMutation({
    mutationFn: () =>
      data(
        api.POST("/api/athletes/{id}/race-routines", {
          params,
          body: { sport, name: `${SPORTS[sport]} race` },
        }),
      ),
    onSuccess: (all) => queries.setQueryData(key, all),
  });
  const thaw = useMutation({
    mutationFn: (of: Sport) =>
      data(
        api.DELETE("/api/athletes/{id}/race-routines/{sport}", {
          params: { path: { id: athleteId, sport: of } },
        }),
      ),
    onSuccess: (all) => queries.setQueryData(key, all),
  });
  return (
    <>
      {routines.data?.map((r) => (
        <Flex key={r.sport} gap="3" align="center" wrap="wrap">
          <Box>
            <b>{r.name}</b>:{" "}
            <Link to={`/prescriptions/${r.prescriptionId}`}>as on {dayAndMonth(r.day)}</Link>
            {r.felt != null && `, felt ${READY[r.felt - 1]}`}; {figure(r.measures.MINUTES ?? 0)}{" "}
            min, {figure(r.measures.EFFORTS ?? 0)} graded efforts
            {r.measures.WAIT !== undefined && `, ${figure(r.measures.WAIT)} min of waiting`}
          </Box>
          <Button size="sm" variant="ghost" onClick={() => thaw.mutate(r.sport)}>
            Let it go
          </Button>
        </Flex>
      ))}
      <Button size="sm" loading={freeze.isPending} onClick={() => freeze.mutate()}>
        {routines.data?.some((r) => r.sport === sport)
          ? "Freeze the best day anew"
          : "Freeze the best day before a race or trial"}
      </Button>
      <Soft>
        Of the days that felt best, the one nearest to what is usual. Blocks rehearse it before the
        trials of their last weeks and have it before the race; on the day it is said what differs
        from it.
      </Soft>
      {(freeze.error ?? thaw.error) && <ErrorNotice error={freeze.error ?? thaw.error} />}
    </>
  );
}

/** Before a race: what is not as in the routine. */
export function Drift({ prescriptionId, revision }: { prescriptionId: string; revision: number }) {
  const against = useQuery({
    queryKey: ["drift", prescriptionId, revision],
    queryFn: () =>
      data(api.GET("/api/prescriptions/{id}/drift", { params: { path: { id: prescriptionId } } })),
  });
  const view = against.data;
  if (!view?.routine) return null;
  return (
    <Box as="section" aria-label="Against the race routine">
      <Box as="h2" fontSize="lg">
        {view.routine.name}
      </Box>
      {view.drift.length === 0
        ? "As it was frozen."
        : `Today: ${view.drift.map(drifts).join(", ")}.`}
    </Box>
  );
}
