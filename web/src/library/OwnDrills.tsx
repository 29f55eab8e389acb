import { Box, Button, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useId, useState } from "react";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { DrillView } from "../api/types";

const Area = chakra("textarea", {
  base: {
    bg: "paperRaised",
    color: "ink",
    border: "1px solid var(--rule-strong)",
    borderRadius: "4px",
    w: "100%",
    p: "2",
    fontSize: "sm",
    lineHeight: "1.35",
  },
});

interface Props {
  /** The drill to start from, if one. */
  mendId?: string;
  drills: DrillView[];
}

/** The club's own drills, in the form of the library: written here, brought in, or taken out. */
export function OwnDrills({ mendId, drills }: Props) {
  const queries = useQueryClient();
  const id = useId();
  const [text, setText] = useState<string>();
  const start = drills.find((d) => d.id === mendId);
  const form = useQuery({
    queryKey: ["drill-form", mendId],
    queryFn: async () => {
      const shape = await data(
        api.GET("/api/library/{drillId}/form", {
          params: { path: { drillId: mendId ?? "" } },
          parseAs: "text",
        }),
      );
      return `[${ownVersion(shape, start)}]`;
    },
    enabled: mendId !== undefined,
  });
  const shown = text ?? form.data ?? "";
  const take = useMutation({
    mutationFn: () =>
      data(
        api.POST("/api/library", {
          body: shown,
          bodySerializer: (body: string) => body,
          headers: { "Content-Type": "application/json" },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ["library"] });
      void queries.invalidateQueries({ queryKey: ["drills"] });
    },
  });
  const faults = take.error instanceof Problem ? take.error.fields.map((f) => f.accepted) : [];
  return (
    <Box as="section" aria-label="Your own drills">
      <Box as="h2" fontSize="lg" mb="1">
        Your own drills
      </Box>
      <chakra.label htmlFor={id} display="block" fontSize="sm" color="inkSoft" mb="1">
        A list in the form of the library, JSON. All are taken in, or none.
      </chakra.label>
      <Area
        id={id}
        rows={shown === "" ? 3 : 16}
        value={shown}
        spellCheck={false}
        onChange={(e) => setText(e.target.value)}
        placeholder={'[{"id": "my-drill", "name": "…"}]'}
      />
      <Flex gap="2" mt="2" wrap="wrap" align="center">
        <Button
          variant="solid"
          onClick={() => take.mutate()}
          disabled={shown.trim() === "" || take.isPending}
        >
          Take in
        </Button>
        <Button asChild>
          <a href="/api/library/export?own=true" download="our-drills.json">
            Take out ours
          </a>
        </Button>
        <Button asChild>
          <a href="/api/library/export?own=false" download="library.json">
            Take out all
          </a>
        </Button>
        <Button asChild variant="ghost">
          <a href="/library.schema.json">The form</a>
        </Button>
      </Flex>
      {take.data && (
        <Box role="status" mt="2" fontSize="sm">
          Taken in: {take.data.drillIds.join(", ")}.
        </Box>
      )}
      {take.error && (
        <Box role="alert" mt="2" fontSize="sm" color="caution">
          {take.error.message}
          {faults.map((f) => (
            <Box key={f}>{f}</Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** A copy under an id of its own and off the ladder, unless it is the club's already. */
function ownVersion(shape: string, start: DrillView | undefined): string {
  if (!start || start.own) return shape;
  const drill = JSON.parse(shape) as Record<string, unknown>;
  delete drill.ladder;
  return JSON.stringify(
    { ...drill, id: `our-${start.id}`, name: `${start.name}, ours` },
    undefined,
    2,
  );
}
