import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, data } from "../api/client";
import type { AthleteView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";

/** Whoever leaves is archived, and can be brought back. */
export function Archive({ athlete }: { athlete: AthleteView }) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: () => {
      const params = { path: { id: athlete.id }, query: { version: athlete.version } };
      return data(
        athlete.archived
          ? api.POST("/api/athletes/{id}/restore", { params })
          : api.POST("/api/athletes/{id}/archive", { params }),
      );
    },
    onSuccess: (changed) =>
      queries.setQueryData<AthleteView[]>(["athletes"], (all = []) =>
        all.map((a) => (a.id === changed.id ? changed : a)),
      ),
  });
  return (
    <>
      <Flex gap="3" align="center" wrap="wrap">
        <Button variant="ghost" disabled={change.isPending} onClick={() => change.mutate()}>
          {athlete.archived ? "Bring back" : "Archive"}
        </Button>
        <Box color="inkSoft" fontSize="sm">
          {athlete.archived
            ? "Archived: still in sessions and blocks, offered for nothing new."
            : "Stays in sessions and blocks; is offered for nothing new."}
        </Box>
      </Flex>
      {change.error && <ErrorNotice error={change.error} />}
    </>
  );
}
