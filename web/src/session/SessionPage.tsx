import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type {
  LaterStart,
  Place,
  SessionDetails,
  SessionView,
  Sport,
  Stroke,
  Understood,
} from "../api/types";
import { AthletePicker } from "../athlete/AthletePicker";
import { busyDuring } from "../athlete/picking";
import { ErrorNotice } from "../shared/ErrorNotice";
import { FormSelect, FormText, SelectField, TextField } from "../shared/fields";
import { readDate, readTime } from "../shared/calendar";
import { forecastQuery } from "../shared/forecast";
import { showRefused } from "../shared/forms";
import { useOnce } from "../shared/once";
import { usePlaces } from "../shared/places";
import { SPORTS } from "../shared/sports";
import { COMING_FROM, KINDS, PLACES, STROKES } from "../shared/words";
import { LaterStarts } from "./LaterStarts";
import { CallOff, RepeatWeekly } from "./CallOff";
import { RemoveSession } from "./RemoveSession";
import { Whiteboard } from "./Whiteboard";
import { WrittenLines } from "./WrittenLines";

interface SessionFields {
  date: string;
  time: string;
  title: string;
  /** Empty until the coach chooses: what the words say holds. */
  sport: Sport | "";
  kind: SessionDetails["kind"] | "";
  stroke: Stroke | "";
  place: Place | "";
  minutes: string;
  /** Of a new one: for how many weeks it is written at once. */
  weeks: string;
  /** Null until something is typed, or taken away: the forecast holds. */
  temperature: string | null;
  comingFrom: SessionDetails["comingFrom"];
  athleteIds: string[];
  laterStarts: LaterStart[];
}

const BLANK: Omit<SessionFields, "date"> = {
  time: "17:30",
  title: "",
  sport: "",
  kind: "",
  stroke: "",
  place: "",
  minutes: "30",
  weeks: "1",
  temperature: null,
  comingFrom: "MOVING",
  athleteIds: [],
  laterStarts: [],
};

/** A session to add: empty, or as another one was. */
export function SessionPage({ today }: { today: string }) {
  const [query] = useSearchParams();
  const copied = query.get("copy");
  const date = query.get("date") ?? today;
  const original = useSession(copied ?? undefined);
  if (copied && !original.data) return <Loading error={original.error} />;
  return <SessionForm key={copied ?? "new"} date={date} original={original.data} />;
}

/** A session that is on the calendar. */
export function EditSessionPage() {
  const { id } = useParams();
  const session = useSession(id);
  if (!session.data) return <Loading error={session.error} />;
  return (
    <SessionForm
      key={`${id} ${session.data.version}`}
      date={session.data.details.startsAt.slice(0, 10)}
      original={session.data}
      isEdited
    />
  );
}

function Loading({ error }: { error: Error | null }) {
  return error ? <ErrorNotice error={error} /> : <Box color="inkSoft">Loading…</Box>;
}

function useSession(id: string | undefined) {
  return useQuery({
    queryKey: ["session", id],
    queryFn: () => data(api.GET("/api/sessions/{id}", { params: { path: { id: id ?? "" } } })),
    enabled: id !== undefined,
    // A form is not taken from under whoever types.
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
    staleTime: 0,
    gcTime: 0,
  });
}

/** What the fields say of a session that is there. */
function fieldsOf({ details }: SessionView, date: string): SessionFields {
  return {
    date,
    time: details.startsAt.slice(11, 16),
    title: details.title,
    sport: details.sport,
    kind: details.kind,
    stroke: details.stroke ?? "",
    place: details.place,
    minutes: String(details.minutes),
    weeks: "1",
    temperature: String(details.temperature),
    comingFrom: details.comingFrom,
    athleteIds: details.athleteIds,
    laterStarts: details.laterStarts ?? [],
  };
}

interface FormProps {
  date: string;
  /** The session that is changed, or was copied. */
  original?: SessionView | undefined;
  isEdited?: boolean;
}

function SessionForm({ date, original, isEdited = false }: FormProps) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [showsLines, setShowsLines] = useState(false);
  const { control, handleSubmit, setValue, getValues, setError, clearErrors, formState } =
    useForm<SessionFields>({
      defaultValues: original ? fieldsOf(original, date) : { ...BLANK, date },
    });
  const chosen = useWatch({ control });
  const places = usePlaces();
  const title = chosen.title ?? "";
  const understood = useUnderstood(title, chosen.sport || "RUN");
  const sport = chosen.sport || (understood?.sport ?? "RUN");
  // Half a line is no ground for a guess: the kind is open until all of it is understood.
  const kind = chosen.kind || (understood?.kind ?? "");
  const stroke = chosen.stroke || (understood?.stroke ?? "FREESTYLE");
  const place = chosen.place || places.usual(sport);
  const isWhen =
    readDate(chosen.date ?? "") === chosen.date && readTime(chosen.time ?? "") === chosen.time;
  const forecast = useQuery({
    ...forecastQuery(place, `${chosen.date}T${chosen.time}:00`),
    enabled: isWhen,
  });
  const isForecast = chosen.temperature == null;
  const expected = forecast.data?.temperature ?? 12;
  const temperature = chosen.temperature ?? String(expected);
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  const day = useQuery({
    queryKey: ["sessions", chosen.date, chosen.date],
    enabled: isWhen,
    queryFn: () =>
      data(
        api.GET("/api/sessions", {
          params: { query: { from: chosen.date ?? "", until: chosen.date ?? "" } },
        }),
      ),
  });
  const taking = (athletes.data ?? []).filter((a) => chosen.athleteIds?.includes(a.id));
  const setAthletes = (ids: string[]) => {
    setValue("athleteIds", ids);
    const later = getValues("laterStarts");
    setValue(
      "laterStarts",
      later.filter((l) => ids.includes(l.athleteId)),
    );
  };
  const setStart = (start: LaterStart) => {
    const others = getValues("laterStarts").filter((l) => l.athleteId !== start.athleteId);
    setValue("laterStarts", start.minutes === 0 ? others : [...others, start]);
  };
  const write = (text: string) => {
    setValue("title", text);
    // Other words may mean another kind of session.
    if (original && text !== original.details.title) {
      setValue("kind", "");
      setValue("stroke", "");
    }
  };
  const once = useOnce();
  const save = useMutation({
    mutationFn: async (fields: SessionFields) => {
      // Typed and saved at once: what was shown may still be the text before.
      const written = fields.title.trim() ? await understand(fields.title, sport) : undefined;
      const before = original?.details;
      const isSameWork = before?.title === fields.title && before.sport === sport;
      // Without a title it is refused, and all else that is wrong is said with that.
      const decided = fields.kind || (written ? written.kind : "INTERVALS");
      if (!decided) throw new Undecided();
      const body: SessionDetails = {
        startsAt: `${fields.date}T${fields.time}:00`,
        sport,
        kind: decided,
        title: fields.title,
        effortMetres: isSameWork ? (before.effortMetres ?? null) : null,
        effortSeconds: isSameWork ? (before.effortSeconds ?? null) : null,
        stroke: sport === "SWIM" ? stroke : null,
        place,
        minutes: Math.round(Number(fields.minutes)),
        // Nothing is not nought degrees.
        temperature: temperature.trim() === "" ? expected : Math.round(Number(temperature)),
        comingFrom: fields.comingFrom,
        kit: before?.place === place ? (before.kit ?? null) : null,
        athleteIds: fields.athleteIds,
        laterStarts: fields.laterStarts,
        ...(original?.details.calledOff ? { calledOff: true } : {}),
      };
      return isEdited && original
        ? data(
            api.PUT("/api/sessions/{id}", {
              params: { path: { id: original.id }, query: { version: original.version } },
              body,
            }),
          )
        : data(
            api.POST("/api/sessions", {
              params: { header: once.header, query: { weeks: Math.round(Number(fields.weeks)) } },
              body,
            }),
          );
    },
    onSuccess: (_, { date }) => {
      once.renew();
      invalidate(queries, ["sessions"]);
      void navigate(`/day/${date}`);
    },
    onError: (error) => {
      if (error instanceof Undecided) setError("kind", { message: error.message });
      else showRefused(error, setError, (path) => (path === "startsAt" ? "time" : path));
    },
  });
  const busy = busyDuring(
    {
      id: isEdited ? original?.id : undefined,
      startsAt: `${chosen.date}T${chosen.time}:00`,
      minutes: Number(chosen.minutes),
    },
    // Once it is saved, it is among them itself.
    isWhen && !save.isSuccess ? (day.data ?? []) : [],
  );
  const submit = handleSubmit((fields) => save.mutate(fields));

  return (
    <Box maxW="1120px">
      <Box as="h1" fontSize="2xl" mb="4">
        {isEdited ? "Change the session" : "Add a session"}
      </Box>
      {isEdited && original && original.warmUps.length > 0 && (
        <Box mb="4" color="inkSoft">
          {warmUps(original)} prescribed for it. They stay as they are; bring each up to date where
          it is open.
        </Box>
      )}
      <form onSubmit={(event) => void submit(event)} noValidate>
        <Box mb="5">
          <Whiteboard
            text={title}
            onText={write}
            understood={understood}
            error={formState.errors.title?.message}
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
              onText={write}
            />
          )}
        </Box>
        <Grid templateColumns={{ base: "1fr 1fr", md: "repeat(4, 1fr)" }} gap="4">
          <FormText label="Date" type="date" name="date" control={control} />
          <FormText label="First effort at" type="time" name="time" control={control} />
          <SelectField
            label="Sport"
            value={sport}
            options={SPORTS}
            onChange={(next) => {
              setValue("sport", next);
              setValue("place", "");
              setAthletes([]);
            }}
          />
          <SelectField<SessionDetails["kind"] | "">
            label="Kind"
            value={kind}
            options={{ "": "Choose", ...KINDS }}
            onChange={(next) => {
              setValue("kind", next);
              clearErrors("kind");
            }}
            error={formState.errors.kind?.message}
          />
          <SelectField
            label="Place"
            value={place}
            options={PLACES}
            onChange={(next) => setValue("place", next)}
          />
          <FormText
            label="Minutes to warm up"
            inputMode="numeric"
            name="minutes"
            control={control}
          />
          <TextField
            label="Temperature, °C"
            inputMode="text"
            value={temperature}
            onChange={(typed) => setValue("temperature", typed)}
            error={formState.errors.temperature?.message}
            hint={isForecast && forecast.data ? `forecast ${forecast.data.source}` : undefined}
          />
          <FormSelect
            label="Coming from"
            name="comingFrom"
            options={COMING_FROM}
            control={control}
          />
          {!isEdited && (
            <FormText label="Weeks in a row" inputMode="numeric" name="weeks" control={control} />
          )}
          {sport === "SWIM" && (
            <SelectField
              label="Stroke"
              value={stroke}
              options={STROKES}
              onChange={(next) => setValue("stroke", next)}
            />
          )}
        </Grid>
        <Box mt="5">
          <AthletePicker
            label="Athletes"
            athletes={athletes.data ?? []}
            value={chosen.athleteIds ?? []}
            onChange={setAthletes}
            sport={sport}
            busy={busy}
          />
          {isWhen && taking.length > 1 && (
            <Box mt="3">
              <LaterStarts
                athletes={taking}
                time={chosen.time ?? ""}
                value={chosen.laterStarts as LaterStart[]}
                onStart={setStart}
                error={formState.errors.laterStarts?.find?.(Boolean)?.minutes?.message}
              />
            </Box>
          )}
        </Box>
        {save.error && !(save.error instanceof Undecided) && (
          <Box mt="4">
            <ErrorNotice error={save.error} isMarked />
          </Box>
        )}
        <Flex gap="3" mt="5" wrap="wrap">
          <Button type="submit" variant="solid" size="md" disabled={save.isPending}>
            Save
          </Button>
          <Button size="md" variant="ghost" onClick={() => void navigate(-1)}>
            Cancel
          </Button>
          {isEdited && original && (
            <>
              <Box flex="1" />
              <Button asChild size="md" variant="ghost">
                <Link to={`/sessions/new?copy=${original.id}&date=${date}`}>Copy</Link>
              </Button>
              <CallOff session={original} />
              <RemoveSession session={original} />
            </>
          )}
        </Flex>
      </form>
      {isEdited && original && <RepeatWeekly session={original} />}
    </Box>
  );
}

/** The words are not all understood, and no kind was chosen. */
class Undecided extends Error {
  constructor() {
    super("a kind that you choose, or a line that is all understood");
  }
}

function warmUps({ warmUps }: SessionView): string {
  return warmUps.length === 1 ? "1 warm-up is" : `${warmUps.length} warm-ups are`;
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
