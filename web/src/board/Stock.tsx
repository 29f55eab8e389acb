import { Box, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { api, data } from "../api/client";
import type { BoardSession, BoardView, Kit } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { NumberField } from "../shared/NumberField";
import { KITS, PLACES } from "../shared/words";

/** What is worth counting: what one has in the hand, sits on or swims in. */
const COUNTED: readonly Kit[] = ["ROWER", "BIKE", "POOL", "HURDLES", "ROLLER"];

/** How many can use what at once, entered once for a place; empty for enough. */
export function Stock({
  stock,
  sessions,
  onCounted,
}: {
  stock: BoardView["stock"];
  sessions: readonly BoardSession[];
  onCounted: () => void;
}) {
  const places = [...new Set(sessions.map((s) => s.place))];
  const count = useMutation({
    mutationFn: (body: BoardView["stock"][number]) => data(api.PUT("/api/board/stock", { body })),
    onSuccess: onCounted,
  });
  if (places.length === 0) return null;
  return (
    <Box as="details" mt="6">
      <Box as="summary" cursor="pointer" fontWeight="700">
        How many can use it at once
      </Box>
      <Box color="inkSoft" mb="2">
        Counted once for a place; 0 means enough for all. Where more want it at one time, the board
        says so.
      </Box>
      {count.error && <ErrorNotice error={count.error} />}
      {places.map((place) => (
        <Flex key={place} gap="3" wrap="wrap" align="end" mb="2">
          <Box w="9rem" fontWeight="600">
            {PLACES[place]}
          </Box>
          {COUNTED.map((kit) => (
            <Box key={kit} w="8.5rem">
              <NumberField
                label={KITS[kit]}
                value={stock.find((s) => s.place === place && s.kit === kit)?.count ?? 0}
                onCommit={(n) => count.mutate({ place, kit, count: n })}
              />
            </Box>
          ))}
        </Flex>
      ))}
    </Box>
  );
}
