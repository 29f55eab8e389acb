import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { AthleteProfile, AthleteView, ClassView, Region } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { TextField } from "../shared/fields";
import { clock, say } from "../shared/units";
import { BLOCKS, REGIONS } from "../shared/words";
import { dayAndMonth, timeOf } from "../shared/dates";
import css from "./class.module.css";

/** Many in one room: who is there, one skeleton, each drill explained once. */
export function ClassPage() {
  const { id = "" } = useParams();
  const queries = useQueryClient();
  const path = { path: { id } };
  const group = useQuery({
    queryKey: ["class", id],
    queryFn: () => data(api.GET("/api/sessions/{id}/class", { params: path })),
  });
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  const settled = () => {
    void group.refetch();
    void queries.invalidateQueries({ queryKey: ["athletes"] });
    invalidate(queries, ["sessions"]);
  };
  const make = useMutation({
    mutationFn: () => data(api.POST("/api/sessions/{id}/class", { params: path })),
    onSettled: settled,
  });
  const error = group.error ?? athletes.error;
  if (error) return <ErrorNotice error={error} onRetry={() => void group.refetch()} />;
  if (!group.data || !athletes.data) return <p>Loading…</p>;
  const view = group.data;
  const { startsAt, title } = view.session;
  return (
    <section className={css.class}>
      <Box as="h1" fontSize="2xl">
        {title}
      </Box>
      <p>
        {dayAndMonth(startsAt.slice(0, 10))}, {timeOf(startsAt)} ·{" "}
        <Link to={`/sessions/${id}/sheet`}>squad sheet</Link> ·{" "}
        <Link to={`/sessions/${id}/lead`}>lead it</Link>
      </p>
      <Attendance
        key={view.version}
        view={view}
        athletes={athletes.data.filter((a) => !a.archived)}
        onSettled={settled}
      />
      <Flex gap="3" align="center" my="4" wrap="wrap">
        <Button
          variant="solid"
          disabled={make.isPending || view.session.athleteIds.length === 0}
          onClick={() => make.mutate()}
        >
          {make.isPending ? "Making one class…" : "Make one class of them"}
        </Button>
        <Box color="inkSoft">
          The same drills for all, each on their own rung; what somebody may not do is replaced by
          the most alike.
        </Box>
      </Flex>
      {make.error && <ErrorNotice error={make.error} />}
      {view.isOne && <Sheet view={view} />}
    </section>
  );
}

function Attendance({
  view,
  athletes,
  onSettled,
}: {
  view: ClassView;
  athletes: readonly AthleteView[];
  onSettled: () => void;
}) {
  const [there, setThere] = useState<readonly string[]>(view.session.athleteIds);
  const params = { path: { id: view.sessionId }, query: { version: view.version } };
  const keep = useMutation({
    mutationFn: () =>
      data(api.PUT("/api/sessions/{id}/attendance", { params, body: { athleteIds: [...there] } })),
    onSuccess: onSettled,
  });
  const ofTheSport = athletes.filter(
    (a) => a.profile.sport === view.session.sport || there.includes(a.id),
  );
  const isChanged =
    there.length !== view.session.athleteIds.length ||
    there.some((id) => !view.session.athleteIds.includes(id));
  return (
    <Box as="section" aria-label="Who is there">
      <Box as="h2" fontSize="lg" mt="3">
        {there.length} there
      </Box>
      <div className={css.who}>
        {ofTheSport.map((a) => (
          <button
            key={a.id}
            type="button"
            aria-pressed={there.includes(a.id)}
            onClick={() =>
              setThere(there.includes(a.id) ? there.filter((id) => id !== a.id) : [...there, a.id])
            }
          >
            {a.profile.name}
          </button>
        ))}
      </div>
      {isChanged && (
        <Button disabled={keep.isPending} onClick={() => keep.mutate()}>
          {keep.isPending ? "Prescribing…" : "They are here"}
        </Button>
      )}
      {keep.error && <ErrorNotice error={keep.error} />}
      <Guest view={view} onSettled={onSettled} />
    </Box>
  );
}

const LEVELS: Record<AthleteProfile["level"], string> = {
  NOVICE: "new to it",
  INTERMEDIATE: "trained",
  ADVANCED: "well trained",
};

/** Somebody who was not entered before: a name, a level, and what is not right, if anything. */
function Guest({ view, onSettled }: { view: ClassView; onSettled: () => void }) {
  const [name, setName] = useState("");
  const [region, setRegion] = useState<Region | "">("");
  const add = useMutation({
    mutationFn: (level: AthleteProfile["level"]) =>
      data(
        api.POST("/api/sessions/{id}/guests", {
          params: { path: { id: view.sessionId }, query: { version: view.version } },
          body: {
            name,
            level,
            region: region === "" ? null : region,
            severity: region === "" ? null : "SORE",
          },
        }),
      ),
    onSuccess: onSettled,
  });
  return (
    <Flex gap="3" align="end" wrap="wrap" mt="3">
      <Box w="14rem">
        <TextField label="A guest’s name" value={name} onChange={setName} />
      </Box>
      <label className={css.sore}>
        Sore
        <select value={region} onChange={(e) => setRegion(e.target.value as Region | "")}>
          <option value="">nothing</option>
          {(Object.keys(REGIONS) as Region[]).map((r) => (
            <option key={r} value={r}>
              {REGIONS[r]}
            </option>
          ))}
        </select>
      </label>
      {(Object.keys(LEVELS) as AthleteProfile["level"][]).map((level) => (
        <Button
          key={level}
          disabled={name.trim() === "" || add.isPending}
          onClick={() => add.mutate(level)}
        >
          Add, {LEVELS[level]}
        </Button>
      ))}
      {add.error && <ErrorNotice error={add.error} />}
    </Flex>
  );
}

function Sheet({ view }: { view: ClassView }) {
  const names = new Map(view.members.map((m) => [m.athleteId, m.name]));
  return (
    <ol className={css.rows}>
      {view.rows.map((row, i) => {
        const isNew = view.rows[i - 1]?.block !== row.block;
        return (
          <li key={`${row.block} ${row.name} ${i}`}>
            {isNew && <h2>{BLOCKS[row.block]}</h2>}
            <div className={css.row}>
              <div>
                <b>{row.versions.length === 1 ? row.versions[0]?.name : row.name}</b>{" "}
                <span className={css.time}>{clock(row.seconds)}</span>
                <p>{row.steps.join(" ")}</p>
                {row.cues.length > 0 && <p className={css.cues}>{row.cues.join(" · ")}</p>}
              </div>
              <div className={css.versions}>
                {row.versions.map((v) => (
                  <div key={`${v.name} ${say(v.dose)}`}>
                    <b>{row.versions.length > 1 ? v.name : say(v.dose)}</b>
                    {row.versions.length > 1 && <span>{say(v.dose)}</span>}
                    <small>
                      {v.athleteIds.length === view.members.length
                        ? "all"
                        : v.athleteIds.map((id) => names.get(id) ?? "").join(", ")}
                    </small>
                  </div>
                ))}
              </div>
            </div>
          </li>
        );
      })}
    </ol>
  );
}
