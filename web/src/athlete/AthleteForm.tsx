import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { useNavigate } from "react-router";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { AthleteProfile, AthleteView, LimitInput } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SelectField, TextField, CheckboxField } from "../shared/fields";
import { say } from "../shared/units";
import { REGIONS, SPORTS } from "../shared/words";
import { ResultRow } from "./ResultRow";
import { draftOf, NEW_RESULT, resultOf, type ResultDraft } from "./results";

const LEVELS = { NOVICE: "Novice", INTERMEDIATE: "Intermediate", ADVANCED: "Advanced" };
const SEVERITIES = { STIFF: "stiff", SORE: "sore", HURT: "painful or injured" };
const AVOIDANCES = {
  CONTACTS: "No hops or jumps",
  FLOOR_WORK: "Nothing on the floor",
  WRIST_LOADING: "No weight on the wrists",
};
const EMPTY: AthleteProfile = {
  name: "",
  sport: "RUN",
  level: "NOVICE",
  age: 30,
  restingHeartRate: null,
  maximumHeartRate: null,
  results: [],
  limits: [],
  avoidances: [],
  deconditioned: false,
  mastery: {},
};

export function AthleteForm({ athlete }: { athlete?: AthleteView }) {
  const initial = athlete?.profile ?? EMPTY;
  const [profile, setProfile] = useState(initial);
  const [age, setAge] = useState(String(initial.age));
  const [resting, setResting] = useState(initial.restingHeartRate?.toString() ?? "");
  const [maximum, setMaximum] = useState(initial.maximumHeartRate?.toString() ?? "");
  const [results, setResults] = useState<ResultDraft[]>(initial.results.map(draftOf));
  const stored = initial.results.map(draftOf).map(resultOf);
  const queries = useQueryClient();
  const navigate = useNavigate();

  const save = useMutation({
    mutationFn: (body: AthleteProfile) =>
      athlete
        ? data(
            api.PUT("/api/athletes/{id}", {
              params: { path: { id: athlete.id }, query: { version: athlete.version } },
              body,
            }),
          )
        : data(api.POST("/api/athletes", { body })),
    onSuccess: (saved) => {
      queries.setQueryData<AthleteView[]>(["athletes"], (all = []) =>
        [...all.filter((a) => a.id !== saved.id), saved].sort((a, b) =>
          a.profile.name.localeCompare(b.profile.name),
        ),
      );
      void navigate(`/athletes/${saved.id}`);
    },
  });
  const accepted = (field: string) =>
    save.error instanceof Problem ? save.error.accepted(field) : undefined;
  const change = (part: Partial<AthleteProfile>) => setProfile((p) => ({ ...p, ...part }));
  const changeLimit = (i: number, part: Partial<LimitInput>) =>
    change({ limits: profile.limits.map((l, j) => (i === j ? { ...l, ...part } : l)) });

  function submit(event: FormEvent) {
    event.preventDefault();
    save.mutate({
      ...profile,
      age: Math.round(Number(age)),
      restingHeartRate: resting === "" ? null : Math.round(Number(resting)),
      maximumHeartRate: maximum === "" ? null : Math.round(Number(maximum)),
      results: results.map(resultOf),
    });
  }

  return (
    <form onSubmit={submit} noValidate>
      <Box as="h2" fontSize="xl" mb="3">
        {athlete ? athlete.profile.name : "New athlete"}
      </Box>
      <Grid templateColumns={{ base: "1fr 1fr", lg: "2fr 1fr 1fr" }} gap="4" maxW="760px">
        <TextField
          label="Name"
          value={profile.name}
          onChange={(name) => change({ name })}
          error={accepted("name")}
        />
        <SelectField
          label="Main sport"
          value={profile.sport}
          options={SPORTS}
          onChange={(sport) => change({ sport })}
        />
        <SelectField
          label="Level"
          value={profile.level}
          options={LEVELS}
          onChange={(level) => change({ level })}
        />
        <TextField
          label="Age, years"
          inputMode="numeric"
          value={age}
          onChange={setAge}
          error={accepted("age")}
        />
        <TextField
          label="Resting heart rate"
          inputMode="numeric"
          value={resting}
          placeholder="60 assumed"
          onChange={setResting}
          error={accepted("restingHeartRate")}
        />
        <TextField
          label="Maximum, if measured"
          inputMode="numeric"
          value={maximum}
          placeholder="from age"
          onChange={setMaximum}
          error={accepted("maximumHeartRate")}
        />
      </Grid>

      <Head
        title="Results"
        hint="They turn efforts into this athlete’s own paces, watts and splits. The surest of a sport counts."
      />
      {results.map((draft, i) => (
        <ResultRow
          key={i}
          draft={draft}
          // What was computed holds for what is stored, not for what is being typed.
          weighed={
            JSON.stringify(resultOf(draft)) === JSON.stringify(stored[i])
              ? athlete?.weighed[i]
              : undefined
          }
          accepted={(field) => accepted(`results[${i}].${field}`)}
          onChange={(next) => setResults((all) => all.with(i, next))}
          onRemove={() => setResults((all) => all.toSpliced(i, 1))}
        />
      ))}
      <Button onClick={() => setResults((all) => [...all, NEW_RESULT])}>Add a result</Button>
      {athlete && athlete.conflicts.length > 0 && (
        <Box mt="2" color="caution" role="note">
          {athlete.conflicts.map((conflict) => (
            <Box key={conflict}>▲ {conflict}</Box>
          ))}
        </Box>
      )}

      <Head
        title="Aches and stiffness"
        hint="Stiff gets extra range, sore is not loaded, painful is left alone."
      />
      {profile.limits.map((limit, i) => (
        <Flex key={i} gap="3" mb="2" align="flex-end" wrap="wrap">
          <Box w="220px">
            <SelectField
              label="Region"
              value={limit.region}
              options={REGIONS}
              onChange={(r) => changeLimit(i, { region: r })}
              error={accepted(`limits[${i}].region`)}
            />
          </Box>
          <Box w="190px">
            <SelectField
              label="How"
              value={limit.severity}
              options={SEVERITIES}
              onChange={(severity) => changeLimit(i, { severity })}
            />
          </Box>
          <Button
            variant="ghost"
            onClick={() => change({ limits: profile.limits.filter((_, j) => j !== i) })}
          >
            Remove
          </Button>
        </Flex>
      ))}
      <Button
        onClick={() =>
          change({ limits: [...profile.limits, { region: "CALVES", severity: "STIFF" }] })
        }
      >
        Add a region
      </Button>

      <Head title="Always leave out" hint="Left out whatever the session." />
      <Flex gap="2" wrap="wrap">
        {(Object.keys(AVOIDANCES) as (keyof typeof AVOIDANCES)[]).map((key) => (
          <CheckboxField
            key={key}
            label={AVOIDANCES[key]}
            checked={profile.avoidances.includes(key)}
            onChange={(on) =>
              change({
                avoidances: on
                  ? [...profile.avoidances, key]
                  : profile.avoidances.filter((a) => a !== key),
              })
            }
          />
        ))}
        <CheckboxField
          label="Back after a lay-off, or heavy: easier rungs"
          checked={profile.deconditioned}
          onChange={(deconditioned) => change({ deconditioned })}
        />
      </Flex>

      {athlete && (
        <>
          <Head title="What the results say" hint="" />
          {athlete.basis.map((phrase) => (
            <Box key={phrase.text}>{say(phrase)}.</Box>
          ))}
        </>
      )}
      {save.error && (
        <Box mt="4">
          <ErrorNotice error={save.error} />
        </Box>
      )}
      <Flex mt="5" gap="3" align="center">
        <Button type="submit" variant="solid" size="md" disabled={save.isPending}>
          Save
        </Button>
        {save.isSuccess && (
          <Box role="status" color="inkSoft">
            Saved.
          </Box>
        )}
      </Flex>
    </form>
  );
}

function Head({ title, hint }: { title: string; hint: string }) {
  return (
    <Box mt="6" mb="2">
      <Box as="h3" fontSize="lg">
        {title}
      </Box>
      {hint && (
        <Box fontSize="sm" color="inkSoft">
          {hint}
        </Box>
      )}
    </Box>
  );
}
