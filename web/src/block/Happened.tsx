import { Box, Button } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { api, data } from "../api/client";
import type { BlockView } from "../api/types";
import { dayAndMonth } from "../shared/dates";
import { Section, Soft, Title } from "../shared/panels";
import { regionInSentence } from "../shared/words";
import { withHappened, type BlockEdit } from "./edits";

/** What records say that the block does not know: proposed, and taken over by a press. */
export function Happened({
  block,
  onEdit,
}: {
  block: BlockView;
  onEdit: (edit: BlockEdit) => void;
}) {
  const happened = useQuery({
    queryKey: ["happened", block.id, block.revision],
    queryFn: () =>
      data(api.GET("/api/blocks/{id}/happened", { params: { path: { id: block.id } } })),
  });
  const all = happened.data ?? [];
  if (all.length === 0) return null;
  return (
    <Section aria-label="What the records say">
      <Title>What the records say</Title>
      {all.map((one) => (
        <Box key={one.athleteId}>
          <b>{one.name}</b>:{" "}
          {[
            ...one.interruptions.map((i) =>
              i.region == null
                ? `not there from ${dayAndMonth(i.from)} to ${dayAndMonth(i.until)}`
                : `pain, ${regionInSentence(i.region)}, on ${dayAndMonth(i.from)}`,
            ),
            ...clean([...new Set(one.names)]),
          ].join("; ")}
        </Box>
      ))}
      <Soft>Nothing of it is in the block before you say so.</Soft>
      <Button onClick={() => onEdit(withHappened(block.definition, all))}>See what changes</Button>
    </Section>
  );
}

/** Of many drills these are named. */
const NAMED = 3;

function clean(names: readonly string[]): string[] {
  if (names.length === 0) return [];
  const more = names.length - NAMED;
  return [`clean: ${names.slice(0, NAMED).join(", ")}${more > 0 ? ` and ${more} more` : ""}`];
}
