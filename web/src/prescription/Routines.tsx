import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { memo, useState } from "react";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { PrescriptionView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { TextField } from "../shared/fields";

interface Props {
  prescriptionId: string;
  athlete: string;
}

/** Keeps these drills under a name, and gives kept ones to this athlete, adapted. */
export const Routines = memo(function Routines({ prescriptionId, athlete }: Props) {
  const queries = useQueryClient();
  const [name, setName] = useState("");
  const routines = useQuery({
    queryKey: ["routines"],
    queryFn: () => data(api.GET("/api/routines")),
  });
  const keep = useMutation({
    mutationFn: () => data(api.POST("/api/routines", { body: { prescriptionId, name } })),
    onSuccess: () => {
      setName("");
      invalidate(queries, ["routines"]);
    },
  });
  const apply = useMutation({
    mutationFn: (id: string) =>
      data(
        api.POST("/api/routines/{id}/apply", {
          params: { path: { id } },
          body: {
            prescriptionId,
            // Read when it counts, so that edits do not draw this anew.
            baseRevision:
              queries.getQueryData<PrescriptionView>(["prescription", prescriptionId])?.revision ??
              0,
          },
        }),
      ),
    onSuccess: ({ view }) => queries.setQueryData(["prescription", prescriptionId], view),
  });
  const refused = keep.error instanceof Problem ? keep.error.accepted("name") : undefined;
  return (
    <Box as="section" aria-label="Routines">
      <Box as="h2" fontSize="lg" mb="1">
        Routines
      </Box>
      <Flex gap="2" wrap="wrap" mb="2">
        {routines.data?.map((r) => (
          <Button key={r.id} onClick={() => apply.mutate(r.id)} disabled={apply.isPending}>
            Use {r.name}
          </Button>
        ))}
      </Flex>
      {apply.data && (
        <Box fontSize="sm" mb="2" role="status">
          {apply.data.differences.length === 0
            ? `${athlete} does it as it was kept.`
            : apply.data.differences.map((d) => <Box key={d}>{d}</Box>)}
        </Box>
      )}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate();
        }}
      >
        <Flex gap="2" align="flex-end">
          <Box flex="1">
            <TextField
              label="Keep these drills as"
              value={name}
              onChange={setName}
              error={refused}
            />
          </Box>
          <Button type="submit" disabled={name.trim() === "" || keep.isPending}>
            Keep
          </Button>
        </Flex>
      </form>
      {apply.error && <ErrorNotice error={apply.error} />}
      {keep.error && !refused && <ErrorNotice error={keep.error} />}
    </Box>
  );
});
