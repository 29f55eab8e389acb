import { Box, Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { Problem } from "../api/problem";
import type { Approach, Circumstances, Conditions, Sport } from "../api/types";
import { ApproachPanel } from "./ApproachPanel";
import { KitAtHand } from "./KitAtHand";
import { CheckboxField, SelectField } from "../shared/fields";
import { forecastQuery, forecastWords } from "../shared/forecast";
import { usePlaces } from "../shared/places";
import { NumberField, OptionalNumberField } from "../shared/NumberField";
import { COMING_FROM, KITS, PLACES, SURFACES } from "../shared/words";
import { Before, beforeWords } from "./Before";
import { EarlierStages, spent, stagesWords } from "./EarlierStages";
import type { Edit } from "./usePlan";

interface Props {
  circumstances: Circumstances;
  approach: Approach;
  sport: Sport;
  /** Local time of the start, for the forecast. */
  startsAt: string;
  error: unknown;
  onEdit: (edit: Edit) => void;
}

/** Minutes, place, kit, temperature and school: every change answers at once. */
export const CircumstancesBar = memo(function CircumstancesBar({
  circumstances: c,
  approach,
  sport,
  startsAt,
  error,
  onEdit,
}: Props) {
  const [showsKit, setShowsKit] = useState(false);
  const [showsMore, setShowsMore] = useState(false);
  const [showsBefore, setShowsBefore] = useState(false);
  const [showsStages, setShowsStages] = useState(false);
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
        <Button
          variant="ghost"
          aria-expanded={showsBefore}
          onClick={() => setShowsBefore(!showsBefore)}
          minH="34px"
        >
          {beforeWords(c.before ?? [])} {showsBefore ? "▴" : "▾"}
        </Button>
        <Button
          variant="ghost"
          aria-expanded={showsStages}
          onClick={() => setShowsStages(!showsStages)}
          minH="34px"
        >
          {stagesWords(c.earlier ?? [])} {showsStages ? "▴" : "▾"}
        </Button>
        <ApproachPanel approach={approach} onEdit={onEdit} />
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
          <Box w="110px">
            <NumberField
              label="Altitude, m"
              value={under.altitude ?? 0}
              error={accepted("altitude")}
              onCommit={(altitude) => changeUnder({ altitude })}
            />
          </Box>
          {(sport === "RUN" || sport === "RIDE") && (
            <Box w="120px">
              <NumberField
                label="Gradient, %"
                value={under.gradient ?? 0}
                error={accepted("gradient")}
                onCommit={(gradient) => changeUnder({ gradient })}
              />
            </Box>
          )}
          {sport === "SWIM" && (
            <>
              <Box w="100px">
                <OptionalNumberField
                  label="Water, °C"
                  value={under.water}
                  error={accepted("water")}
                  onCommit={(water) => changeUnder({ water })}
                />
              </Box>
              <CheckboxField
                label="Wetsuit"
                checked={under.wetsuit ?? false}
                onChange={(wetsuit) => changeUnder({ wetsuit })}
              />
            </>
          )}
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
      {showsKit && <KitAtHand kit={c.kit} onChange={(kit) => change({ kit })} />}
      {showsBefore && (
        <Before
          before={c.before ?? []}
          minutes={c.minutes}
          sport={sport}
          accepted={accepted}
          onChange={(before) => change({ before })}
        />
      )}
      {showsStages && (
        <EarlierStages
          earlier={c.earlier ?? []}
          sport={sport}
          accepted={accepted}
          // What is done elsewhere comes on top of the minutes at the start.
          onChange={(earlier) =>
            change({ earlier, minutes: c.minutes + spent(earlier) - spent(c.earlier ?? []) })
          }
        />
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
  water: null,
  wetsuit: false,
  altitude: 0,
  gradient: 0,
};

/** What is out of the ordinary, in a few words. */
function conditionWords(c: Conditions): string {
  const words = [
    c.wind > 0 && `wind ${c.wind} km/h`,
    c.wet && "wet",
    c.humidity != null && `${c.humidity} % humid`,
    c.thunder && "thunder",
    c.water != null && `water ${c.water} °C`,
    c.wetsuit && "wetsuit",
    (c.altitude ?? 0) > 0 && `${c.altitude} m up`,
    (c.gradient ?? 0) !== 0 && slopeWords(c.gradient ?? 0),
    c.airQuality != null && `air quality ${c.airQuality}`,
    c.surface !== "FIRM" && `${SURFACES[c.surface]} ground`,
    c.waitMinutes > 0 && `${c.waitMinutes} min wait`,
    c.group > 1 && `group of ${c.group}`,
    c.lane && `${c.lane} m straight`,
  ].filter(Boolean);
  return words.length > 0 ? words.join(", ") : "Wind, ground, wait, group";
}

function slopeWords(gradient: number): string {
  return gradient > 0 ? `${gradient} % uphill` : `${-gradient} % downhill`;
}
