// Laying a block out: dates, who trains together, and the week in shorthand.
import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Controller, useFieldArray, useForm, useWatch, type Control } from "react-hook-form";
import { useNavigate, useParams } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { AthleteView, BlockDefinition, BlockView } from "../api/types";
import { plusDays } from "../shared/dates";
import { useOnce } from "../shared/once";
import { AthletePicker } from "../athlete/AthletePicker";
import { ErrorNotice } from "../shared/ErrorNotice";
import { FormText, TextField } from "../shared/fields";
import { readDate, sayDate } from "../shared/calendar";
import { showRefused } from "../shared/forms";
import { FilePanel } from "./FilePanel";
import { Replan } from "./Replan";
import { useBlock } from "./useBlock";
import { WeekForm } from "./WeekForm";
import { Title } from "../shared/panels";

/** A block of twelve weeks to begin with. */
function blank(today: string): BlockDefinition {
  return {
    name: "",
    start: today,
    race: plusDays(today, 82),
    otherRaces: [],
    emphases: [],
    groups: [{ name: "Squad", athleteIds: [] }],
    pattern: [],
    exceptions: [],
    members: [],
    interruptions: [],
    mastery: [],
    progressions: [],
  };
}

export function NewBlock({ today }: { today: string }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const once = useOnce();
  const create = useMutation({
    mutationFn: (definition: BlockDefinition) =>
      data(api.POST("/api/blocks", { params: { header: once.header }, body: definition })),
    onSuccess: (view) => {
      once.renew();
      invalidate(queries, ["blocks"]);
      void navigate(`/block/${view.id}`);
    },
  });
  return (
    <Layout
      title="A new block"
      initial={blank(today)}
      error={create.error}
      action="Create the block"
      isBusy={create.isPending}
      onDone={(d) => create.mutate(d)}
    />
  );
}

export function BlockLayout() {
  const { id } = useParams();
  const { query, step } = useBlock(id);
  if (query.error) return <ErrorNotice error={query.error} />;
  if (!query.data) return <p>Loading…</p>;
  return <Change block={query.data} step={step} />;
}

function Change({ block, step }: { block: BlockView; step: ReturnType<typeof useBlock>["step"] }) {
  const navigate = useNavigate();
  const [definition, setDefinition] = useState<BlockDefinition>();
  const edit = definition && { words: "Changed the week and groups", definition };
  return (
    <>
      {edit && (
        <Replan
          block={block}
          edit={edit}
          isBusy={step.isPending}
          onApply={() =>
            step.mutate(edit, { onSuccess: () => void navigate(`/block/${block.id}`) })
          }
          onLeave={() => setDefinition(undefined)}
        />
      )}
      <Layout
        title={block.definition.name}
        initial={block.definition}
        error={step.error}
        action="See what changes"
        isBusy={step.isPending}
        onDone={setDefinition}
      />
      <FilePanel block={block} />
    </>
  );
}

function Layout({
  title,
  initial,
  error,
  action,
  isBusy,
  onDone,
}: {
  title: string;
  initial: BlockDefinition;
  error: unknown;
  action: string;
  isBusy: boolean;
  onDone: (definition: BlockDefinition) => void;
}) {
  const { control, handleSubmit, setValue, setError, getValues, formState } =
    useForm<BlockDefinition>({ defaultValues: written(initial) });
  const groups = useFieldArray({ control, name: "groups" });
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  useEffect(() => {
    showRefused(error, setError, (path) =>
      path === "weeks" ? "race" : path.replace(/^definition\./, ""),
    );
  }, [error, setError]);
  /** The group's name; the sessions of the week that are its follow. */
  const rename = (at: number, name: string) => {
    const before = getValues(`groups.${at}.name`);
    setValue(`groups.${at}.name`, name);
    setValue(
      "pattern",
      getValues("pattern").map((p) => (p.group === before ? { ...p, group: name } : p)),
    );
  };
  return (
    <form onSubmit={(event) => void handleSubmit(onDone)(event)} noValidate>
      <Box display="grid" gap="3" justifyItems="start">
        <Box as="h1" fontFamily="heading" fontSize="2xl">
          {title}
        </Box>
        <Grid
          templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 2fr) 1fr 1fr" }}
          gap="3"
          width="min(100%, 720px)"
        >
          <FormText label="Name" name="name" control={control} />
          <FormText label="First day" type="date" name="start" control={control} />
          <FormText label="Race" type="date" name="race" control={control} />
        </Grid>
        <Controller
          control={control}
          name="otherRaces"
          render={({ field, fieldState }) => (
            <OtherRaces
              races={field.value}
              error={fieldState.error?.message}
              onChange={field.onChange}
            />
          )}
        />
        <Title mt="2">Who trains together</Title>
        {formState.errors.groups && <ErrorNotice error={error} />}
        {groups.fields.map(({ id }, at) => (
          <GroupRow
            key={id}
            at={at}
            control={control}
            athletes={athletes.data ?? []}
            onRename={(name) => rename(at, name)}
          />
        ))}
        <Button
          type="button"
          onClick={() =>
            groups.append({ name: `Group ${groups.fields.length + 1}`, athleteIds: [] })
          }
        >
          Add a group
        </Button>
        <WeekForm
          control={control}
          getValues={getValues}
          setValue={setValue}
          athletes={athletes.data ?? []}
        />
        <Flex gap="2" mt="4" align="center">
          <Button type="submit" variant="solid" disabled={isBusy}>
            {action}
          </Button>
          {error instanceof Error && <span role="alert">{error.message}</span>}
        </Flex>
      </Box>
    </form>
  );
}

/** Times as their fields write them, without seconds. */
function written(definition: BlockDefinition): BlockDefinition {
  const pattern = definition.pattern.map((p) => ({ ...p, time: p.time.slice(0, 5) }));
  return { ...definition, pattern };
}

/** Races on the way: their weeks bring nothing new. */
function OtherRaces({
  races,
  error,
  onChange,
}: {
  races: string[];
  error?: string | undefined;
  onChange: (races: string[]) => void;
}) {
  const [next, setNext] = useState("");
  return (
    <Flex gap="3" align="end" wrap="wrap">
      {races.map((race) => (
        <Button
          key={race}
          type="button"
          aria-label={`Remove the race on ${sayDate(race)}`}
          onClick={() => onChange(races.filter((r) => r !== race))}
        >
          {sayDate(race)} ×
        </Button>
      ))}
      <Box w="176px">
        <TextField label="Another race" type="date" value={next} onChange={setNext} error={error} />
      </Box>
      <Button
        type="button"
        disabled={readDate(next) === undefined || races.includes(next)}
        onClick={() => {
          onChange([...races, next].sort());
          setNext("");
        }}
      >
        Add
      </Button>
    </Flex>
  );
}

/** One group: its name, and who of those in no other group trains in it. */
function GroupRow({
  at,
  control,
  athletes,
  onRename,
}: {
  at: number;
  control: Control<BlockDefinition>;
  athletes: AthleteView[];
  onRename: (name: string) => void;
}) {
  const groups = useWatch({ control, name: "groups" });
  const taken = groups.filter((_, i) => i !== at).flatMap((g) => g.athleteIds);
  const free = athletes.filter((a) => !taken.includes(a.id));
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", lg: "150px minmax(0, 1fr)" }}
      gap="3"
      alignItems="end"
      width="100%"
    >
      <Controller
        control={control}
        name={`groups.${at}.name`}
        render={({ field, fieldState }) => (
          <TextField
            label="Group"
            value={field.value}
            onChange={onRename}
            error={fieldState.error?.message}
          />
        )}
      />
      <Controller
        control={control}
        name={`groups.${at}.athleteIds`}
        render={({ field }) => (
          <AthletePicker
            label="Who is in it"
            isLabelHidden
            athletes={free}
            value={field.value}
            onChange={field.onChange}
            sport={free.find((a) => a.id === field.value[0])?.profile.sport}
            isFolded
          />
        )}
      />
    </Grid>
  );
}
