import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState, type FormEvent } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { Place, SessionDetails, Sport, Understood } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SelectField, TextField, CheckboxField } from "../shared/fields";
import { forecastQuery } from "../shared/forecast";
import { ARRIVALS, KINDS, PLACES, SPORTS, USUAL_PLACE } from "../shared/words";
import { Whiteboard } from "./Whiteboard";
import { WrittenLines } from "./WrittenLines";

const STROKES = {
  FREESTYLE: "Freestyle",
  BACKSTROKE: "Backstroke",
  BREASTSTROKE: "Breaststroke",
  BUTTERFLY: "Butterfly",
};

export function SessionPage({ today }: { today: string }) {
  const [query] = useSearchParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [date, setDate] = useState(query.get("date") ?? today);
  const [time, setTime] = useState("17:30");
  const [title, setTitle] = useState("");
  // What the words say holds until the coach chooses otherwise.
  const [chosenSport, setSport] = useState<Sport>();
  const [chosenKind, setKind] = useState<SessionDetails["kind"]>();
  const [chosenStroke, setStroke] = useState<keyof typeof STROKES>();
  const [chosenPlace, setPlace] = useState<Place>();
  const [showsLines, setShowsLines] = useState(false);
  const understood = useUnderstood(title, chosenSport ?? "RUN");
  const sport = chosenSport ?? understood?.sport ?? "RUN";
  const kind = chosenKind ?? understood?.kind ?? "INTERVALS";
  const stroke = chosenStroke ?? understood?.stroke ?? "FREESTYLE";
  const place = chosenPlace ?? USUAL_PLACE[sport];
  const [minutes, setMinutes] = useState("30");
  const [typedTemperature, setTemperature] = useState<string>();
  const [arrival, setArrival] = useState<SessionDetails["arrival"]>("MOVING");
  const [athleteIds, setAthleteIds] = useState<string[]>([]);
  const forecast = useQuery(forecastQuery(place, `${date}T${time}:00`));
  const temperature = typedTemperature ?? String(forecast.data?.temperature ?? 12);
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  const save = useMutation({
    mutationFn: async (body: SessionDetails) => {
      // Typed and saved at once: what was shown may still be the text before.
      const written = body.title.trim() ? await understand(body.title, body.sport) : undefined;
      return data(
        api.POST("/api/sessions", {
          body: { ...body, kind: chosenKind ?? written?.kind ?? body.kind },
        }),
      );
    },
    onSuccess: () => {
      invalidate(queries, ["sessions"]);
      void navigate(`/day/${date}`);
    },
  });
  const accepted = (field: string) =>
    save.error instanceof Problem ? save.error.accepted(field) : undefined;

  function submit(event: FormEvent) {
    event.preventDefault();
    save.mutate({
      startsAt: `${date}T${time}:00`,
      sport,
      kind,
      title,
      effortMetres: null,
      effortSeconds: null,
      stroke: sport === "SWIM" ? stroke : null,
      place,
      minutes: Math.round(Number(minutes)),
      temperature: Math.round(Number(temperature)),
      arrival,
      kit: null,
      athleteIds,
    });
  }

  return (
    <Box maxW="1120px">
      <Box as="h1" fontSize="2xl" mb="4">
        Add a session
      </Box>
      <form onSubmit={submit} noValidate>
        <Box mb="5">
          <Whiteboard
            text={title}
            onText={setTitle}
            understood={understood}
            error={accepted("title")}
          />
          <Button
            variant="ghost"
            aria-expanded={showsLines}
            onClick={() => setShowsLines(!showsLines)}
          >
            Line by line {showsLines ? "▴" : "▾"}
          </Button>
          {showsLines && (
            <WrittenLines
              label={understood?.label ?? ""}
              lines={understood?.lines ?? []}
              onText={setTitle}
            />
          )}
        </Box>
        <Grid templateColumns={{ base: "1fr 1fr", md: "repeat(4, 1fr)" }} gap="4">
          <TextField label="Date" type="date" value={date} onChange={setDate} />
          <TextField
            label="First effort at"
            type="time"
            value={time}
            onChange={setTime}
            error={accepted("startsAt")}
          />
          <SelectField
            label="Sport"
            value={sport}
            options={SPORTS}
            onChange={(next) => {
              setSport(next);
              setPlace(undefined);
              setAthleteIds([]);
            }}
          />
          <SelectField label="Kind" value={kind} options={KINDS} onChange={setKind} />
          <SelectField label="Place" value={place} options={PLACES} onChange={setPlace} />
          <TextField
            label="Minutes before it"
            inputMode="numeric"
            value={minutes}
            onChange={setMinutes}
            error={accepted("minutes")}
          />
          <TextField
            label="Temperature, °C"
            inputMode="numeric"
            value={temperature}
            onChange={setTemperature}
            error={accepted("temperature")}
            hint={
              typedTemperature === undefined && forecast.data
                ? `forecast ${forecast.data.source}`
                : undefined
            }
          />
          <SelectField
            label="Coming from"
            value={arrival}
            options={ARRIVALS}
            onChange={setArrival}
          />
          {sport === "SWIM" && (
            <SelectField label="Stroke" value={stroke} options={STROKES} onChange={setStroke} />
          )}
        </Grid>
        <Box mt="5" mb="1" fontSize="xs" fontWeight="600" color="inkSoft">
          Athletes
        </Box>
        <Flex gap="2" wrap="wrap">
          {(athletes.data ?? [])
            .toSorted(
              (a, b) => Number(b.profile.sport === sport) - Number(a.profile.sport === sport),
            )
            .map((a) => (
              <CheckboxField
                key={a.id}
                label={`${a.profile.name}, ${SPORTS[a.profile.sport].toLowerCase()}`}
                checked={athleteIds.includes(a.id)}
                onChange={(on) =>
                  setAthleteIds((ids) => (on ? [...ids, a.id] : ids.filter((id) => id !== a.id)))
                }
              />
            ))}
        </Flex>
        {save.error && (
          <Box mt="4">
            <ErrorNotice error={save.error} />
          </Box>
        )}
        <Flex gap="3" mt="5">
          <Button type="submit" variant="solid" size="md" disabled={save.isPending}>
            Save
          </Button>
          <Button size="md" variant="ghost" onClick={() => void navigate(-1)}>
            Cancel
          </Button>
        </Flex>
      </form>
    </Box>
  );
}

/** How the text is understood; the last answer stays until the next is there. */
function useUnderstood(text: string, sport: Sport): Understood | undefined {
  const [settled, setSettled] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), 120);
    return () => clearTimeout(timer);
  }, [text]);
  const query = useQuery({
    queryKey: ["shorthand", sport, settled],
    queryFn: () => understand(settled, sport),
    enabled: settled.trim() !== "",
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return text.trim() === "" ? undefined : query.data;
}

function understand(text: string, sport: Sport): Promise<Understood> {
  return data(api.POST("/api/shorthand", { body: { text, sport } }));
}
