import { Box, Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { Problem } from "../api/problem";
import type { Circumstances, Conditions, Kit, Sport } from "../api/types";
import { CommittedField } from "../shared/CommittedField";
import { CheckboxField, SelectField } from "../shared/fields";
import { forecastQuery, forecastWords } from "../shared/forecast";
import { usePlaces } from "../shared/places";
import { COMING_FROM, KITS, PLACES, SURFACES } from "../shared/words";
import type { Edit } from "./usePlan";

interface Props {
  circumstances: Circumstances;
  sport: Sport;
  /** Local time of the start, for the forecast. */
  startsAt: string;
  error: unknown;
  onEdit: (edit: Edit) => void;
}

/** Minutes, place, kit, temperature: every change answers at once. */
export const CircumstancesBar = memo(function CircumstancesBar({
  circumstances: c,
  sport,
  startsAt,
  error,
  onEdit,
}: Props) {
  const [showsKit, setShowsKit] = useState(false);
  const [showsMore, setShowsMore] = useState(false);
  const places = usePlaces();
  const accepted = (field: string) =>
    error instanceof Problem ? error.accepted(field) : undefined;
  const change = (part: Partial<Circumstances>) =>
    onEdit({ action: "CIRCUMSTANCES", circumstances: { ...c, ...part } });
  const under = c.conditions ?? USUAL;
  const changeUnder = (part: Partial<Conditions>) => change({ conditions: { ...under, ...part } });
  const forecast = useQuery({
    ...forecastQuery(c.place, startsAt),
    enabled: showsMore,
  });

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
        <CheckboxField
          label="Use all the minutes"
          checked={c.fill}
          onChange={(fill) => change({ fill })}
        />
        <Box w="140px">
          <SelectField
            label="Place"
            value={c.place}
            options={PLACES}
            onChange={(place) => change({ place, kit: places.kit(place, sport) })}
          />
        </Box>
        <Box w="70px">
          <NumberField
            label="°C"
            value={c.temperature}
            error={accepted("temperature")}
            onCommit={(temperature) => change({ temperature })}
          />
        </Box>
        <Box w="140px">
          <SelectField
            label="Coming from"
            value={c.comingFrom}
            options={COMING_FROM}
            onChange={(comingFrom) => change({ comingFrom })}
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
        <Button
          variant="ghost"
          aria-expanded={showsMore}
          onClick={() => setShowsMore(!showsMore)}
          minH="34px"
        >
          {conditionWords(under)} {showsMore ? "▴" : "▾"}
        </Button>
      </Flex>
      {showsMore && (
        <Flex gap="3" wrap="wrap" mt="2" align="flex-end" role="group" aria-label="Conditions">
          <Box w="90px">
            <NumberField
              label="Wind, km/h"
              value={under.wind}
              error={accepted("wind")}
              onCommit={(wind) => changeUnder({ wind })}
            />
          </Box>
          <CheckboxField
            label="Rain or wet"
            checked={under.wet}
            onChange={(wet) => changeUnder({ wet })}
          />
          <Box w="110px">
            <SelectField
              label="Ground"
              value={under.surface}
              options={SURFACES}
              onChange={(surface) => changeUnder({ surface })}
            />
          </Box>
          <Box w="120px">
            <NumberField
              label="Wait at start, min"
              value={under.waitMinutes}
              error={accepted("waitMinutes")}
              onCommit={(waitMinutes) => changeUnder({ waitMinutes })}
            />
          </Box>
          <Box w="110px">
            <NumberField
              label="Group, people"
              value={under.group}
              error={accepted("group")}
              onCommit={(group) => changeUnder({ group })}
            />
          </Box>
          <Box w="100px">
            <OptionalNumberField
              label="Humidity, %"
              value={under.humidity}
              error={accepted("humidity")}
              onCommit={(humidity) => changeUnder({ humidity })}
            />
          </Box>
          <Box w="120px">
            <OptionalNumberField
              label="Straight, m"
              value={under.lane}
              error={accepted("lane")}
              onCommit={(lane) => changeUnder({ lane })}
            />
          </Box>
          <Box w="100px">
            <OptionalNumberField
              label="Air quality"
              value={under.airQuality}
              error={accepted("airQuality")}
              onCommit={(airQuality) => changeUnder({ airQuality })}
            />
          </Box>
          <CheckboxField
            label="Thunder"
            checked={under.thunder ?? false}
            onChange={(thunder) => changeUnder({ thunder })}
          />
          {forecast.data && (
            <Button
              minH="34px"
              onClick={() => {
                const { temperature, wind, humidity, wet } = forecast.data;
                change({ temperature, conditions: { ...under, wind, humidity, wet } });
              }}
            >
              Take the forecast: {forecastWords(forecast.data)}
            </Button>
          )}
        </Flex>
      )}
      {showsKit && (
        <Flex gap="2" wrap="wrap" mt="2" role="group" aria-label="Kit at hand">
          {(Object.keys(KITS) as Kit[]).map((kit) => (
            <CheckboxField
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

const USUAL: Conditions = {
  wind: 0,
  wet: false,
  surface: "FIRM",
  waitMinutes: 0,
  group: 1,
  lane: null,
  humidity: null,
  thunder: false,
  airQuality: null,
};

/** What is out of the ordinary, in a few words. */
function conditionWords(c: Conditions): string {
  const words = [
    c.wind > 0 && `wind ${c.wind} km/h`,
    c.wet && "wet",
    c.humidity != null && `${c.humidity} % humid`,
    c.thunder && "thunder",
    c.airQuality != null && `air quality ${c.airQuality}`,
    c.surface !== "FIRM" && `${SURFACES[c.surface]} ground`,
    c.waitMinutes > 0 && `${c.waitMinutes} min wait`,
    c.group > 1 && `group of ${c.group}`,
    c.lane && `${c.lane} m straight`,
  ].filter(Boolean);
  return words.length > 0 ? words.join(", ") : "Wind, ground, wait, group";
}

/** A whole number that counts when one leaves the field or presses Enter. */
function NumberField({
  label,
  value,
  error,
  onCommit,
}: {
  label: string;
  value: number | undefined;
  error?: string;
  onCommit: (value: number) => void;
}) {
  return (
    <CommittedField
      label={label}
      inputMode="numeric"
      value={value === undefined ? "" : String(value)}
      error={error}
      onCommit={(typed) => {
        const number = Number(typed);
        if (typed.trim() !== "" && Number.isInteger(number) && number !== value) onCommit(number);
      }}
    />
  );
}

/** One that may be unknown: emptied, it is unknown again. */
function OptionalNumberField({
  value,
  onCommit,
  ...rest
}: {
  label: string;
  value: number | null | undefined;
  error?: string;
  onCommit: (value: number | null) => void;
}) {
  return (
    <CommittedField
      {...rest}
      inputMode="numeric"
      value={value == null ? "" : String(value)}
      onCommit={(typed) => {
        const number = typed.trim() === "" ? null : Number(typed);
        if (number === null || Number.isInteger(number)) onCommit(number);
      }}
    />
  );
}
