import { Box, Button } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, data } from "../api/client";
import { ErrorNotice } from "../shared/ErrorNotice";
import { Soft } from "../shared/panels";
import { asked } from "./words";

/** What is to be tried before today’s session: drawn by a press, and seen only then. */
export function DueTurn({ prescriptionId }: { prescriptionId: string }) {
  const queries = useQueryClient();
  const params = { path: { id: prescriptionId } };
  const due = useQuery({
    queryKey: ["turn", prescriptionId],
    queryFn: () => data(api.GET("/api/prescriptions/{id}/turn", { params })),
  });
  const take = useMutation({
    mutationFn: () => data(api.POST("/api/prescriptions/{id}/turn", { params })),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ["prescription", prescriptionId] });
      void queries.invalidateQueries({ queryKey: ["turn", prescriptionId] });
      void queries.invalidateQueries({ queryKey: ["questions"] });
    },
  });
  const question = due.data?.question;
  if (!question) return null;
  return (
    <Box as="section" aria-label="A question is under way">
      <Box as="h2" fontSize="lg">
        {asked(question)}
      </Box>
      <Soft>
        Turn {question.taken.length + 1} of {question.turns} is due before this session. Which way
        it is, chance has decided; drawing it writes the graded efforts into the plan.
      </Soft>
      <Button mt="2" loading={take.isPending} onClick={() => take.mutate()}>
        Draw today’s turn
      </Button>
      {take.error && <ErrorNotice error={take.error} />}
    </Box>
  );
}
