import { Box, Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { Circumstances, Kit } from "../api/types";
import { SelectField, TextField, Tick } from "../shared/fields";
import { ARRIVALS, KITS, PLACES } from "../shared/words";
import type { Edit } from "./usePlan";

interface Props {
  circumstances: Circumstances;
  error: unknown;
  onEdit: (edit: Edit) => void;
}

/** Minutes, place, kit, temperature: every change answers at once. */
export const CircumstancesBar = memo(function CircumstancesBar({
  circumstances: c,
  error,
  onEdit,
}: Props) {
  const [showsKit, setShowsKit] = useState(false);
  const places = useQuery({
    queryKey: ["places"],
    queryFn: () => data(api.GET("/api/places")),
    staleTime: Infinity,
  });
  const accepted = (field: string) =>
    error instanceof Problem ? error.accepted(field) : undefined;
  const change = (part: Partial<Circumstances>) =>
    onEdit({ action: "CIRCUMSTANCES", circumstances: { ...c, ...part } });
  const usualKit = (place: Circumstances["place"]) =>
    places.data?.find((p) => p.place === place)?.usualKit ?? [];

  return (
    <Box borderTop="1px solid var(--rule)" borderBottom="1px solid var(--rule)" py="2">
      <Flex gap="3" align="flex-end" wrap="wrap">
        <Box w="170px">
          <Flex align="flex-end" gap="1">
            <Button
              aria-label="A minute less"
              onClick={() => change({ minutes: c.minutes - 1 })}
              minH="34px"
            >
              −
            </Button>
            <NumberField
              key={`minutes-${c.minutes}`}
              label="Minutes"
              value={c.minutes}
              error={accepted("minutes")}
              onCommit={(minutes) => change({ minutes })}
            />
            <Button
              aria-label="A minute more"
              onClick={() => change({ minutes: c.minutes + 1 })}
              minH="34px"
            >
              +
            </Button>
          </Flex>
        </Box>
        <Tick label="Use them all" checked={c.fill} onChange={(fill) => change({ fill })} />
        <Box w="140px">
          <SelectField
            label="Place"
            value={c.place}
            options={PLACES}
            onChange={(place) => change({ place, kit: usualKit(place) })}
          />
        </Box>
        <Box w="70px">
          <NumberField
            key={`temperature-${c.temperature}`}
            label="°C"
            value={c.temperature}
            error={accepted("temperature")}
            onCommit={(temperature) => change({ temperature })}
          />
        </Box>
        <Box w="140px">
          <SelectField
            label="Coming from"
            value={c.arrival}
            options={ARRIVALS}
            onChange={(arrival) => change({ arrival })}
          />
        </Box>
        <Button
          variant="ghost"
          aria-expanded={showsKit}
          onClick={() => setShowsKit(!showsKit)}
          minH="34px"
        >
          Kit: {c.kit.length === 0 ? "none" : c.kit.map((k) => KITS[k].toLowerCase()).join(", ")}{" "}
          {showsKit ? "▴" : "▾"}
        </Button>
      </Flex>
      {showsKit && (
        <Flex gap="2" wrap="wrap" mt="2" role="group" aria-label="Kit at hand">
          {(Object.keys(KITS) as Kit[]).map((kit) => (
            <Tick
              key={kit}
              label={KITS[kit]}
              checked={c.kit.includes(kit)}
              onChange={(on) =>
                change({ kit: on ? [...c.kit, kit] : c.kit.filter((k) => k !== kit) })
              }
            />
          ))}
        </Flex>
      )}
    </Box>
  );
});

/** A number that counts when one leaves the field or presses Enter; what was typed stays. */
function NumberField({
  label,
  value,
  error,
  onCommit,
}: {
  label: string;
  value: number;
  error?: string;
  onCommit: (value: number) => void;
}) {
  const [text, setText] = useState(String(value));
  function commit() {
    const typed = Number(text);
    if (text.trim() !== "" && Number.isInteger(typed) && typed !== value) onCommit(typed);
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        commit();
      }}
    >
      <TextField
        label={label}
        inputMode="numeric"
        value={text}
        onChange={setText}
        onBlur={commit}
        error={error}
      />
    </form>
  );
}
