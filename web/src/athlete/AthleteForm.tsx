import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useFieldArray, useForm, useWatch, type Control } from "react-hook-form";
import { useNavigate } from "react-router";
import { api, data } from "../api/client";
import type { AthleteProfile, AthleteView, Sport } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { FormCheckbox, FormMany, FormSelect, FormText } from "../shared/fields";
import { showRefused } from "../shared/forms";
import { useOnce } from "../shared/once";
import { say } from "../shared/units";
import { ALL_SPORTS, SPORTS } from "../shared/sports";
import { HEALTH, REGIONS, SIDES } from "../shared/words";
import { Archive } from "./Archive";
import { fieldNamed, fieldsOf, NOBODY, profileOf, type AthleteFields } from "./fields";
import { ResultRow } from "./ResultRow";
import { NEW_RESULT } from "./results";

const LEVELS = { NOVICE: "Novice", INTERMEDIATE: "Intermediate", ADVANCED: "Advanced" };
const SEVERITIES = { STIFF: "stiff", SORE: "sore", HURT: "painful or injured" };
const AVOIDANCES = {
  CONTACTS: "No hops or jumps",
  FLOOR_WORK: "Nothing on the floor",
  WRIST_LOADING: "No weight on the wrists",
  STANDING: "Nothing on the feet: sits, as in a wheelchair",
};

export function AthleteForm({ athlete }: { athlete?: AthleteView }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { control, handleSubmit, setError, setValue } = useForm<AthleteFields>({
    defaultValues: athlete ? fieldsOf(athlete.profile) : NOBODY,
  });
  const results = useFieldArray({ control, name: "results" });
  const restrictions = useFieldArray({ control, name: "restrictions" });

  const once = useOnce();
  const save = useMutation({
    mutationFn: (body: AthleteProfile) =>
      athlete
        ? data(
            api.PUT("/api/athletes/{id}", {
              params: { path: { id: athlete.id }, query: { version: athlete.version } },
              body,
            }),
          )
        : data(api.POST("/api/athletes", { params: { header: once.header }, body })),
    onSuccess: (saved) => {
      once.renew();
      queries.setQueryData<AthleteView[]>(["athletes"], (all = []) =>
        [...all.filter((a) => a.id !== saved.id), saved].sort((a, b) =>
          a.profile.name.localeCompare(b.profile.name),
        ),
      );
      void navigate(`/athletes/${saved.id}`);
    },
    onError: (error) => showRefused(error, setError, fieldNamed),
  });
  const submit = handleSubmit((fields) => save.mutate(profileOf(fields, athlete?.profile)));

  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <Box as="h2" fontSize="xl" mb="3">
        {athlete ? athlete.profile.name : "New athlete"}
      </Box>
      <Grid templateColumns={{ base: "1fr 1fr", lg: "2fr 1fr 1fr" }} gap="4" maxW="760px">
        <FormText label="Name" name="name" control={control} />
        <FormSelect label="Main sport" name="sport" options={SPORTS} control={control} />
        <FormSelect label="Level" name="level" options={LEVELS} control={control} />
        <FormText label="Age, years" name="age" inputMode="numeric" control={control} />
        <FormText
          label="Resting heart rate"
          name="restingHeartRate"
          inputMode="numeric"
          placeholder="60 assumed"
          control={control}
        />
        <FormText
          label="Maximum, if measured"
          name="maximumHeartRate"
          inputMode="numeric"
          placeholder="from age"
          control={control}
        />
        <FormText
          label="Body mass, kg"
          name="kilograms"
          inputMode="numeric"
          placeholder="only for W/kg"
          control={control}
        />
      </Grid>

      <OtherLevels control={control} main={useWatch({ control, name: "sport" })} />

      <Head
        title="Results"
        hint="They turn efforts into this athlete’s own paces, watts and splits. The most certain one in each sport counts."
      />
      {results.fields.map(({ id }, i) => (
        <ResultRow
          key={id}
          at={i}
          control={control}
          setValue={setValue}
          athlete={athlete}
          onRemove={() => results.remove(i)}
        />
      ))}
      <Button onClick={() => results.append(NEW_RESULT)}>Add a result</Button>
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
      {restrictions.fields.map(({ id }, i) => (
        <Flex key={id} gap="3" mb="2" align="flex-start" wrap="wrap">
          <Box w="220px">
            <FormSelect
              label="Region"
              name={`restrictions.${i}.region`}
              options={REGIONS}
              control={control}
            />
          </Box>
          <Box w="110px">
            <FormSelect
              label="Side"
              name={`restrictions.${i}.side`}
              options={SIDES}
              control={control}
            />
          </Box>
          <Box w="190px">
            <FormSelect
              label="How"
              name={`restrictions.${i}.severity`}
              options={SEVERITIES}
              control={control}
            />
          </Box>
          <Button variant="ghost" mt="5" onClick={() => restrictions.remove(i)}>
            Remove
          </Button>
        </Flex>
      ))}
      <Button
        onClick={() => restrictions.append({ region: "CALVES", severity: "STIFF", side: "BOTH" })}
      >
        Add a region
      </Button>

      <Head
        title="What you were told of their health"
        hint="Brings the usual cautions and leaves out what they rule out. A licensed clinician decides."
      />
      <FormMany label="Health" isLabelHidden name="health" options={HEALTH} control={control} />

      <Head title="Always leave out" hint="Left out whatever the session." />
      <FormMany
        label="Leave out"
        isLabelHidden
        name="contraindications"
        options={AVOIDANCES}
        control={control}
      />
      <Box mt="1.5">
        <FormCheckbox
          label="Back after a lay-off, or heavy: easier rungs"
          name="deconditioned"
          control={control}
        />
      </Box>

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
          <ErrorNotice error={save.error} isMarked />
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
        <Box flex="1" />
        {athlete && <Archive athlete={athlete} />}
      </Flex>
    </form>
  );
}

/** Who swims like a beginner and runs like none; one step away, as most do one sport. */
function OtherLevels({ control, main }: { control: Control<AthleteFields>; main: Sport }) {
  const levels = useWatch({ control, name: "levels" });
  const others = ALL_SPORTS.filter((sport) => sport !== main);
  const [isOpen, setOpen] = useState(() => others.some((sport) => levels[sport] !== ""));
  if (!isOpen) {
    return (
      <Button variant="ghost" mt="2" onClick={() => setOpen(true)}>
        Another level in another sport
      </Button>
    );
  }
  return (
    <Flex gap="4" mt="3" wrap="wrap" role="group" aria-label="Level in other sports">
      {others.map((sport) => (
        <Box key={sport} w="170px">
          <FormSelect
            label={`Level, ${SPORTS[sport].toLowerCase()}`}
            name={`levels.${sport}`}
            options={{ "": "the same", ...LEVELS }}
            control={control}
          />
        </Box>
      ))}
    </Flex>
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
