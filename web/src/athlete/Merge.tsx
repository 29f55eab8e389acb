import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { AthleteView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SelectField } from "../shared/fields";

/** Two who are one person: what would happen is said first. */
export function Merge({
  athlete,
  others,
}: {
  athlete: AthleteView;
  others: readonly AthleteView[];
}) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [who, setWho] = useState("");
  const path = { id: who };
  const preview = useQuery({
    queryKey: ["merge", who, athlete.id],
    queryFn: () =>
      data(api.GET("/api/athletes/{id}/merge", { params: { path, query: { into: athlete.id } } })),
    enabled: who !== "",
  });
  const merge = useMutation({
    mutationFn: () =>
      data(
        api.POST("/api/athletes/{id}/merge", {
          params: { path, query: { into: athlete.id, version: athlete.version } },
        }),
      ),
    onSuccess: () => {
      setWho("");
      void queries.invalidateQueries({ queryKey: ["athletes"] });
      invalidate(queries, ["sessions"]);
      void navigate(`/athletes/${athlete.id}`);
    },
  });
  const other = others.find((a) => a.id === who);
  const options = Object.fromEntries([
    ["", "choose"],
    ...others.map((a) => [a.id, a.profile.name] as const),
  ]);
  return (
    <Box as="details" mt="4">
      <Box as="summary" cursor="pointer">
        Entered twice?
      </Box>
      <Flex gap="3" align="end" wrap="wrap" mt="2">
        <SelectField
          label={`The same person as ${athlete.profile.name}`}
          value={who}
          options={options}
          onChange={setWho}
        />
        {other && preview.data && (
          <>
            <Box flex="1" minW="220px">
              {other.profile.name} is archived. {athlete.profile.name} takes their place in{" "}
              {preview.data.sessions} sessions, and gets {preview.data.warmUps} warm-ups and{" "}
              {preview.data.results} results.
              {preview.data.both > 0 &&
                ` In ${preview.data.both} sessions of both, the warm-up of ${athlete.profile.name} counts.`}
            </Box>
            <Button disabled={merge.isPending} onClick={() => merge.mutate()}>
              Make them one
            </Button>
          </>
        )}
      </Flex>
      {merge.error && <ErrorNotice error={merge.error} />}
    </Box>
  );
}
