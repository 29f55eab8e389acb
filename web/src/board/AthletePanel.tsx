import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, data } from "../api/client";
import type { BoardAthlete, LookInput } from "../api/types";
import { LookPanel } from "../decision/LookPanel";
import type { Checkpoint } from "../decision/look";
import { ErrorNotice } from "../shared/ErrorNotice";
import { CHECKPOINTS } from "../shared/words";
import type { Standing } from "./standing";
import css from "./board.module.css";

interface Props {
  athlete: BoardAthlete;
  standing: Standing;
  onClose: () => void;
}

/** One athlete: how they stand, what being late costs, and a look at them. */
export function AthletePanel({ athlete, standing, onClose }: Props) {
  const queries = useQueryClient();
  const [looking, setLooking] = useState<Checkpoint>();
  const id = athlete.prescriptionId ?? "";
  const path = { path: { id } };
  const keep = useMutation({
    mutationFn: (look: LookInput) =>
      data(api.POST("/api/prescriptions/{id}/looks", { params: path, body: look })),
    onSuccess: () => {
      setLooking(undefined);
      void queries.invalidateQueries({ queryKey: ["followed", id] });
    },
  });
  if (athlete.prescriptionId == null) {
    return <p className={css.panel}>No warm-up yet: prescribe it on the day’s page.</p>;
  }
  return (
    <Box className={css.panel} role="group" aria-label={athlete.name}>
      {standing.late > 60 && <Cost id={id} minutes={Math.ceil(standing.late / 60)} />}
      <Flex gap="2" wrap="wrap" align="center">
        <span>Look now:</span>
        {(Object.keys(CHECKPOINTS) as Checkpoint[]).map((checkpoint) => (
          <Button key={checkpoint} onClick={() => setLooking(checkpoint)}>
            {CHECKPOINTS[checkpoint]}
          </Button>
        ))}
      </Flex>
      <Flex gap="3" mt="2">
        <Link to={`/prescriptions/${id}`}>Open the warm-up</Link>
        <Link to={`/athletes/${athlete.athleteId}`}>{athlete.name}</Link>
        <Box flex="1" />
        <Button variant="ghost" onClick={onClose}>
          Close
        </Button>
      </Flex>
      {keep.error && <ErrorNotice error={keep.error} />}
      {looking && (
        <LookPanel
          checkpoint={looking}
          decide={(marks) =>
            data(
              api.POST("/api/prescriptions/{id}/looks/decide", {
                params: path,
                body: { checkpoint: looking, marks: [...marks] },
              }),
            )
          }
          onDecided={(look) => keep.mutate(look)}
          onLeave={() => setLooking(undefined)}
        />
      )}
    </Box>
  );
}

const LIST = new Intl.ListFormat("en-GB", { type: "conjunction" });

function Cost({ id, minutes }: { id: string; minutes: number }) {
  const cost = useQuery({
    queryKey: ["late", id, minutes],
    queryFn: () =>
      data(
        api.GET("/api/prescriptions/{id}/late", { params: { path: { id }, query: { minutes } } }),
      ),
    retry: false,
  });
  if (cost.error) return <p>{minutes} min late: too little is left for a warm-up.</p>;
  if (!cost.data) return null;
  const { dropped, shortened } = cost.data;
  return (
    <p>
      <b>{minutes} min late</b> costs {dropped.length > 0 ? LIST.format(dropped) : "nothing whole"}
      {shortened.length > 0 && `; shorter: ${LIST.format(shortened)}`}.
    </p>
  );
}
