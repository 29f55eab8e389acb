import { Box, Button, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { Sport, Stage } from "../api/types";
import { SelectField } from "../shared/fields";
import { NumberField } from "../shared/NumberField";
import { usePlaces } from "../shared/places";
import { KITS, PLACES, TRANSFERS } from "../shared/words";
import { KitAtHand } from "./KitAtHand";

/** As many as the server takes. */
const MOST = 2;

/** Places before that of the start, each with its minutes, kit and the way on. */
export function EarlierStages({
  earlier,
  sport,
  accepted,
  onChange,
}: {
  earlier: Stage[];
  sport: Sport;
  accepted: (field: string) => string | undefined;
  onChange: (earlier: Stage[]) => void;
}) {
  const places = usePlaces();
  const [kitOf, setKitOf] = useState<number>();
  const change = (index: number, part: Partial<Stage>) =>
    onChange(earlier.map((one, i) => (i === index ? { ...one, ...part } : one)));
  return (
    <Box mt="2" role="group" aria-label="Places before the start">
      {earlier.map((stage, i) => (
        // Their order is their place; two may be alike.
        <Box key={i} mb="2">
          <Flex gap="3" wrap="wrap" align="flex-end">
            <Box w="140px">
              <SelectField
                label={i === 0 ? "First in" : "Then in"}
                value={stage.place}
                options={PLACES}
                onChange={(place) => change(i, { place, kit: places.kit(place, sport) })}
              />
            </Box>
            <Box w="70px">
              <NumberField
                label="Minutes"
                value={stage.minutes}
                error={accepted(`earlier[${i}].minutes`)}
                onCommit={(minutes) => change(i, { minutes })}
              />
            </Box>
            <Box w="70px">
              <NumberField
                label="°C"
                value={stage.temperature}
                error={accepted(`earlier[${i}].temperature`)}
                onCommit={(temperature) => change(i, { temperature })}
              />
            </Box>
            <Box w="130px">
              <SelectField
                label="Then"
                value={stage.transfer}
                options={TRANSFERS}
                onChange={(transfer) => change(i, { transfer })}
              />
            </Box>
            <Box w="100px">
              <NumberField
                label="taking, min"
                value={stage.transferMinutes}
                error={accepted(`earlier[${i}].transferMinutes`)}
                onCommit={(transferMinutes) => change(i, { transferMinutes })}
              />
            </Box>
            <Button
              variant="ghost"
              aria-expanded={kitOf === i}
              onClick={() => setKitOf(kitOf === i ? undefined : i)}
            >
              Kit there: {stage.kit.map((k) => KITS[k].toLowerCase()).join(", ") || "none"}{" "}
              {kitOf === i ? "▴" : "▾"}
            </Button>
            <Button
              aria-label={`Remove ${PLACES[stage.place].toLowerCase()}`}
              onClick={() => onChange(earlier.filter((_, j) => j !== i))}
            >
              ✕
            </Button>
          </Flex>
          {kitOf === i && (
            <KitAtHand
              kit={stage.kit}
              label={`Kit in ${PLACES[stage.place].toLowerCase()}`}
              onChange={(kit) => change(i, { kit })}
            />
          )}
        </Box>
      ))}
      {earlier.length < MOST && (
        <Button
          onClick={() =>
            onChange([
              ...earlier,
              {
                place: "LIVING_ROOM",
                kit: places.kit("LIVING_ROOM", sport),
                temperature: 20,
                minutes: 12,
                transfer: "WALK",
                transferMinutes: 4,
              },
            ])
          }
        >
          {earlier.length === 0 ? "Begin somewhere else" : "A second place before the start"}
        </Button>
      )}
    </Box>
  );
}

/** Minutes of all of them, with the ways on. */
export function spent(earlier: Stage[]): number {
  return earlier.reduce((sum, stage) => sum + stage.minutes + stage.transferMinutes, 0);
}

/** In a few words for the button. */
export function stagesWords(earlier: Stage[]): string {
  if (earlier.length === 0) return "All in one place";
  return `First ${earlier
    .map((stage) => `${PLACES[stage.place].toLowerCase()} ${stage.minutes} min`)
    .join(", then ")}`;
}
