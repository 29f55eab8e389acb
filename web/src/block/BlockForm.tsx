// Laying a block out: dates, who trains together, and the week in shorthand.
import "./block.css";
import "./form.css";
import { Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { AthleteView, BlockDefinition, BlockView } from "../api/types";
import { plusDays } from "../session/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { TextField } from "../shared/fields";
import { FilePanel } from "./FilePanel";
import { Replan } from "./Replan";
import { useBlock } from "./useBlock";
import { WeekForm } from "./WeekForm";

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
      invalidate(queries, ["blocks"]);
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
  const [d, setDefinition] = useState(initial);
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  const change = (part: Partial<BlockDefinition>) => setDefinition({ ...d, ...part });
  const accepted = (field: string) =>
    error instanceof Problem ? error.accepted(field) : undefined;
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
      {accepted("groups") && <ErrorNotice error={error} />}
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
      <WeekForm
        definition={d}
        athletes={athletes.data ?? []}
        accepted={accepted}
        onChange={(pattern) => change({ pattern })}
      />
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
