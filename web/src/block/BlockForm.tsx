// Laying a block out: dates, who trains together, and the week in shorthand.
import "./block.css";
import "./form.css";
import { Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { changed } from "../api/changed";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { AthleteView, BlockDefinition, BlockView, WeekPattern } from "../api/types";
import { plusDays } from "../day/dates";
import { Complaint } from "../shared/Complaint";
import { SelectField, TextField } from "../shared/fields";
import { ARRIVALS, PLACES, SPORTS } from "../shared/words";
import { FilePanel } from "./FilePanel";
import { Replan } from "./Replan";
import { useBlock } from "./useBlock";

const DAYS: Record<WeekPattern["day"], string> = {
  MONDAY: "Mon",
  TUESDAY: "Tue",
  WEDNESDAY: "Wed",
  THURSDAY: "Thu",
  FRIDAY: "Fri",
  SATURDAY: "Sat",
  SUNDAY: "Sun",
};

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
    marks: [],
    wishes: [],
  };
}

export function NewBlock({ today }: { today: string }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const create = useMutation({
    mutationFn: (definition: BlockDefinition) =>
      data(api.POST("/api/blocks", { body: definition })),
    onSuccess: (view) => {
      changed(queries, ["blocks"]);
      void navigate(`/block/${view.id}`);
    },
  });
  return (
    <Layout
      title="A new block"
      initial={blank(today)}
      error={create.error}
      action="Lay it out"
      isBusy={create.isPending}
      onDone={(d) => create.mutate(d)}
    />
  );
}

export function BlockLayout() {
  const { id } = useParams();
  const { query, step } = useBlock(id);
  if (query.error) return <Complaint error={query.error} />;
  if (!query.data) return <p>One moment…</p>;
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
  const [d, setDefinition] = useState(initial);
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  const change = (part: Partial<BlockDefinition>) => setDefinition({ ...d, ...part });
  const accepted = (field: string) =>
    error instanceof Problem ? error.accepted(field) : undefined;
  const groups = Object.fromEntries(d.groups.map((g) => [g.name, g.name || "(no name)"]));
  return (
    <form
      className="block-form"
      onSubmit={(e) => {
        e.preventDefault();
        onDone(d);
      }}
    >
      <h1>{title}</h1>
      <div className="row">
        <TextField
          label="Name"
          value={d.name}
          onChange={(name) => change({ name })}
          error={accepted("name")}
        />
        <TextField
          label="First day"
          type="date"
          value={d.start}
          onChange={(start) => change({ start })}
          error={accepted("start")}
        />
        <TextField
          label="Race"
          type="date"
          value={d.race}
          onChange={(race) => change({ race })}
          error={accepted("race") ?? accepted("weeks")}
        />
      </div>
      <OtherRaces
        races={d.otherRaces}
        error={accepted("otherRaces")}
        onChange={(otherRaces) => change({ otherRaces })}
      />
      <h2>Who trains together</h2>
      {accepted("groups") && <Complaint error={error} />}
      {d.groups.map((group, i) => (
        <Group
          key={i}
          name={group.name}
          ids={group.athleteIds}
          athletes={athletes.data ?? []}
          taken={d.groups.filter((g) => g !== group).flatMap((g) => g.athleteIds)}
          error={accepted(`groups[${i}].name`)}
          onChange={(name, athleteIds) =>
            change({
              groups: d.groups.map((g, j) => (j === i ? { name, athleteIds } : g)),
              pattern: d.pattern.map((p) => (p.group === group.name ? { ...p, group: name } : p)),
            })
          }
        />
      ))}
      <Button
        type="button"
        onClick={() =>
          change({
            groups: [...d.groups, { name: `Group ${d.groups.length + 1}`, athleteIds: [] }],
          })
        }
      >
        Another group
      </Button>
      <h2>The week</h2>
      {d.pattern.map((p, i) => (
        <PatternRow
          key={p.key}
          pattern={p}
          groups={groups}
          accepted={(field) => accepted(`pattern[${i}].${field}`)}
          onChange={(next) =>
            change({ pattern: d.pattern.map((other, j) => (j === i ? next : other)) })
          }
          onRemove={() => change({ pattern: d.pattern.filter((_, j) => j !== i) })}
        />
      ))}
      <Flex gap="2">
        <Button
          type="button"
          onClick={() => change({ pattern: [...d.pattern, fresh(d, athletes.data ?? [])] })}
        >
          Another session
        </Button>
      </Flex>
      <Flex gap="2" mt="4" align="center">
        <Button type="submit" variant="solid" disabled={isBusy}>
          {action}
        </Button>
        {error instanceof Error && <span role="alert">{error.message}</span>}
      </Flex>
    </form>
  );
}

/** Races on the way: their weeks bring nothing new. */
function OtherRaces({
  races,
  error,
  onChange,
}: {
  races: string[];
  error?: string;
  onChange: (races: string[]) => void;
}) {
  const [next, setNext] = useState("");
  return (
    <Flex gap="3" align="end" wrap="wrap">
      {races.map((race) => (
        <Button
          key={race}
          type="button"
          aria-label={`Take away the race on ${race}`}
          onClick={() => onChange(races.filter((r) => r !== race))}
        >
          {race} ×
        </Button>
      ))}
      <TextField
        label="A race on the way"
        type="date"
        value={next}
        onChange={setNext}
        error={error}
      />
      <Button
        type="button"
        disabled={next === "" || races.includes(next)}
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

function fresh(d: BlockDefinition, athletes: AthleteView[]): WeekPattern {
  const group = d.groups[0];
  const first = athletes.find((a) => group?.athleteIds.includes(a.id));
  return {
    key: crypto.randomUUID(),
    day: "TUESDAY",
    time: "18:00",
    group: group?.name ?? "",
    sport: first?.profile.sport ?? "RUN",
    shorthand: "",
    place: "TRACK",
    minutes: 30,
    temperature: 10,
    arrival: "DESK",
  };
}

function Group({
  name,
  ids,
  athletes,
  taken,
  error,
  onChange,
}: {
  name: string;
  ids: string[];
  athletes: AthleteView[];
  taken: string[];
  error?: string;
  onChange: (name: string, ids: string[]) => void;
}) {
  return (
    <fieldset className="group">
      <TextField label="Group" value={name} onChange={(v) => onChange(v, ids)} error={error} />
      <div className="ticks">
        {athletes
          .filter((a) => !taken.includes(a.id))
          .map((a) => {
            const isIn = ids.includes(a.id);
            return (
              <label key={a.id} className={isIn ? "tick on" : "tick"}>
                <input
                  type="checkbox"
                  checked={isIn}
                  onChange={() =>
                    onChange(name, isIn ? ids.filter((i) => i !== a.id) : [...ids, a.id])
                  }
                />
                {a.profile.name}
              </label>
            );
          })}
      </div>
    </fieldset>
  );
}

function PatternRow({
  pattern: p,
  groups,
  accepted,
  onChange,
  onRemove,
}: {
  pattern: WeekPattern;
  groups: Record<string, string>;
  accepted: (field: string) => string | undefined;
  onChange: (pattern: WeekPattern) => void;
  onRemove: () => void;
}) {
  const number = (text: string) => Math.round(Number(text)) || 0;
  return (
    <div className="pattern">
      <SelectField
        label="Day"
        value={p.day}
        options={DAYS}
        onChange={(day) => onChange({ ...p, day })}
      />
      <TextField
        label="Start"
        type="time"
        value={p.time.slice(0, 5)}
        onChange={(time) => onChange({ ...p, time })}
        error={accepted("time")}
      />
      <SelectField
        label="Group"
        value={p.group}
        options={groups}
        onChange={(group) => onChange({ ...p, group })}
        error={accepted("group")}
      />
      <SelectField
        label="Sport"
        value={p.sport}
        options={SPORTS}
        onChange={(sport) => onChange({ ...p, sport })}
      />
      <TextField
        label="On the whiteboard"
        value={p.shorthand}
        placeholder="6 x 1000 @ 5k, 90 s jog"
        onChange={(shorthand) => onChange({ ...p, shorthand })}
        error={accepted("shorthand")}
      />
      <SelectField
        label="Place"
        value={p.place}
        options={PLACES}
        onChange={(place) => onChange({ ...p, place })}
      />
      <TextField
        label="Minutes"
        value={String(p.minutes)}
        inputMode="numeric"
        onChange={(minutes) => onChange({ ...p, minutes: number(minutes) })}
        error={accepted("minutes")}
      />
      <TextField
        label="°C"
        value={String(p.temperature)}
        type="number"
        onChange={(temperature) => onChange({ ...p, temperature: number(temperature) })}
        error={accepted("temperature")}
      />
      <SelectField
        label="Coming from"
        value={p.arrival}
        options={ARRIVALS}
        onChange={(arrival) => onChange({ ...p, arrival })}
      />
      <Button type="button" size="sm" aria-label={`Take away ${p.shorthand}`} onClick={onRemove}>
        ×
      </Button>
    </div>
  );
}
