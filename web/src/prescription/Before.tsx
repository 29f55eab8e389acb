import { Box, Button, Flex } from "@chakra-ui/react";
import type { Prior, Sport } from "../api/types";
import { SelectField } from "../shared/fields";
import { NumberField } from "../shared/NumberField";
import { MOVEMENT_OF } from "../shared/sports";
import { HARDNESS, MOVEMENTS, PRIOR_KINDS } from "../shared/words";

/** As many as the server takes. */
const MOST = 3;

/** What the athlete has done already, and so brings along; measured back from the start. */
export function Before({
  before,
  minutes,
  sport,
  accepted,
  onChange,
}: {
  before: Prior[];
  /** of the warm-up */
  minutes: number;
  sport: Sport;
  accepted: (field: string) => string | undefined;
  onChange: (before: Prior[]) => void;
}) {
  const change = (index: number, part: Partial<Prior>) =>
    onChange(before.map((one, i) => (i === index ? { ...one, ...part } : one)));
  return (
    <Box mt="2" role="group" aria-label="Done before">
      {before.map((one, i) => (
        // The server puts them in the order of time; there is nothing else to tell them by.
        <Flex key={i} gap="3" wrap="wrap" align="flex-end" mb="2">
          <Box w="170px">
            <SelectField
              label="What"
              value={one.kind}
              options={PRIOR_KINDS}
              onChange={(kind) => change(i, { kind })}
            />
          </Box>
          <Box w="130px">
            <SelectField
              label="How"
              value={one.movement}
              options={MOVEMENTS}
              onChange={(movement) => change(i, { movement })}
            />
          </Box>
          <Box w="110px">
            <SelectField
              label="How hard"
              value={one.hardness}
              options={HARDNESS}
              onChange={(hardness) => change(i, { hardness })}
            />
          </Box>
          <Box w="70px">
            <NumberField
              label="Minutes"
              value={one.minutes}
              error={accepted(`before[${i}].minutes`)}
              onCommit={(worked) => change(i, { minutes: worked })}
            />
          </Box>
          <Box w="170px">
            <NumberField
              label="Ended, min before the start"
              value={one.endedBefore}
              error={accepted(`before[${i}].endedBefore`)}
              onCommit={(endedBefore) => change(i, { endedBefore })}
            />
          </Box>
          <Button
            aria-label={`Remove ${MOVEMENTS[one.movement].toLowerCase()}`}
            onClick={() => onChange(before.filter((_, j) => j !== i))}
          >
            ✕
          </Button>
        </Flex>
      ))}
      {before.length < MOST && (
        <Button
          onClick={() =>
            onChange([
              ...before,
              {
                kind: "SESSION",
                movement: MOVEMENT_OF[sport],
                hardness: "STEADY",
                minutes: 20,
                endedBefore: Math.max(minutes, ...before.map((b) => b.endedBefore + b.minutes)),
              },
            ])
          }
        >
          {before.length === 0 ? "They come warm: add what was done" : "Add another"}
        </Button>
      )}
    </Box>
  );
}

/** In a few words for the button. */
export function beforeWords(before: Prior[]): string {
  if (before.length === 0) return "Nothing done before";
  return `Before: ${before
    .map((b) => `${MOVEMENTS[b.movement].toLowerCase()} ${b.minutes} min`)
    .join(", ")}`;
}
