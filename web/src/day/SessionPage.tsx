import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { Place, SessionDetails, Sport } from "../api/types";
import { Complaint } from "../shared/Complaint";
import { SelectField, TextField, Tick } from "../shared/fields";
import { ARRIVALS, KINDS, PLACES, SPORTS } from "../shared/words";

const USUAL_PLACE: Record<Sport, Place> = {
  RUN: "TRACK",
  RIDE: "GYM",
  ROW: "BOATHOUSE",
  SWIM: "POOL_DECK",
};

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
  const [sport, setSport] = useState<Sport>("RUN");
  const [kind, setKind] = useState<SessionDetails["kind"]>("INTERVALS");
  const [title, setTitle] = useState("");
  const [metres, setMetres] = useState("");
  const [stroke, setStroke] = useState<keyof typeof STROKES>("FREESTYLE");
  const [place, setPlace] = useState<Place>("TRACK");
  const [minutes, setMinutes] = useState("30");
  const [temperature, setTemperature] = useState("12");
  const [arrival, setArrival] = useState<SessionDetails["arrival"]>("MOVING");
  const [athleteIds, setAthleteIds] = useState<string[]>([]);
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  const save = useMutation({
    mutationFn: (body: SessionDetails) => data(api.POST("/api/sessions", { body })),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ["sessions"] });
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
      effortMetres: metres === "" ? null : Number(metres),
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
    <Box maxW="760px">
      <Box as="h1" fontSize="2xl" mb="4">
        Add a session
      </Box>
      <form onSubmit={submit} noValidate>
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
              setPlace(USUAL_PLACE[next]);
              setAthleteIds([]);
            }}
          />
          <SelectField label="Kind" value={kind} options={KINDS} onChange={setKind} />
          <Box gridColumn="span 2">
            <TextField
              label="What you would write on the whiteboard"
              placeholder="6 × 1000 m"
              value={title}
              onChange={setTitle}
              error={accepted("title")}
            />
          </Box>
          <TextField
            label="First effort, m (if a distance)"
            inputMode="numeric"
            value={metres}
            onChange={setMetres}
            error={accepted("effortMetres")}
          />
          {sport === "SWIM" ? (
            <SelectField label="Stroke" value={stroke} options={STROKES} onChange={setStroke} />
          ) : (
            <Box hideBelow="md" />
          )}
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
          />
          <SelectField
            label="Coming from"
            value={arrival}
            options={ARRIVALS}
            onChange={setArrival}
          />
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
              <Tick
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
            <Complaint error={save.error} />
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
