import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { CheckInView, TodaysChange } from "../api/types";
import { Body } from "../body/Body";
import { timeOf } from "../shared/dates";
import { CheckboxField } from "../shared/fields";
import { ErrorNotice } from "../shared/ErrorNotice";
import { ALARMS } from "../shared/words";
import { shadeOf, type PlaceToday } from "./answers";
import css from "./panel.module.css";

/** So often it is looked for new ones, ms. */
const OFTEN = 10_000;

/** What athletes told of a day: those to be decided on first. */
export function CheckInPanel({ date }: { date: string }) {
  const queries = useQueryClient();
  const all = useQuery({
    queryKey: ["check-ins", date],
    queryFn: () => data(api.GET("/api/check-ins", { params: { query: { date } } })),
    refetchInterval: OFTEN,
  });
  const [opened, setOpened] = useState<string>();
  const settled = () => {
    void queries.invalidateQueries({ queryKey: ["check-ins"] });
    void queries.invalidateQueries({ queryKey: ["board"] });
    invalidate(queries, ["sessions"]);
  };
  const takeAll = useMutation({
    mutationFn: (ids: string[]) => data(api.POST("/api/check-ins/take", { body: { ids } })),
    onSettled: settled,
  });
  const told = all.data ?? [];
  if (all.error) return <ErrorNotice error={all.error} onRetry={() => void all.refetch()} />;
  if (told.length === 0) return null;
  const open = told
    .filter((c) => c.state === "OPEN" || c.isCoachFirst)
    .toSorted(
      (a, b) =>
        Number(b.isCoachFirst) - Number(a.isCoachFirst) || a.startsAt.localeCompare(b.startsAt),
    );
  const easy = open.filter((c) => !c.isCoachFirst);
  const refused = (takeAll.data ?? []).filter((t) => !t.isTaken);
  return (
    <section className={css.checkIns} aria-label="Check-ins">
      <Flex align="baseline" gap="3" wrap="wrap">
        <h2>
          {open.length === 0
            ? `${told.length} checked in, nothing to decide`
            : `${open.length} of ${told.length} check-ins to decide`}
        </h2>
        {easy.length > 1 && (
          <Button
            disabled={takeAll.isPending}
            onClick={() => takeAll.mutate(easy.map((c) => c.id))}
          >
            Take over all {easy.length}
          </Button>
        )}
      </Flex>
      {refused.length > 0 && (
        <p role="alert">
          {refused.length} not taken over: {refused[0]?.whyNot}
        </p>
      )}
      <ul>
        {open.map((checkIn) => (
          <li key={checkIn.id}>
            <button
              type="button"
              className={css.row}
              aria-expanded={opened === checkIn.id}
              onClick={() => setOpened(opened === checkIn.id ? undefined : checkIn.id)}
            >
              <b>{checkIn.athleteName}</b>{" "}
              <span className={checkIn.isCoachFirst ? css.first : undefined}>
                {summary(checkIn)}
              </span>
              <small>
                {timeOf(checkIn.startsAt)} {checkIn.sessionTitle}
              </small>
            </button>
            {opened === checkIn.id && (
              <Proposal
                checkIn={checkIn}
                onSettled={() => {
                  setOpened(undefined);
                  settled();
                }}
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function summary(checkIn: CheckInView): string {
  if (checkIn.isCoachFirst) return "speak with them first";
  if (checkIn.proposed.length === 0) return checkIn.answers.word || "all well";
  return checkIn.proposed.map((p) => p.what.toLowerCase()).join(", ");
}

/** What would change, why, and what the plan would become. */
function Proposal({ checkIn, onSettled }: { checkIn: CheckInView; onSettled: () => void }) {
  const [changes, setChanges] = useState<readonly (TodaysChange | undefined)[]>(() =>
    checkIn.proposed.map((p) => p.change),
  );
  const taken = changes.filter((c) => c !== undefined);
  const path = { path: { id: checkIn.id } };
  const differences = useQuery({
    queryKey: ["check-in differences", checkIn.id, checkIn.baseRevision, taken],
    queryFn: () =>
      data(api.POST("/api/check-ins/{id}/differences", { params: path, body: { changes: taken } })),
    enabled: taken.length > 0,
    placeholderData: (previous) => previous,
  });
  const take = useMutation({
    mutationFn: () =>
      data(
        api.POST("/api/check-ins/{id}/take", {
          params: path,
          body: { baseRevision: checkIn.baseRevision, changes: taken },
        }),
      ),
    onSuccess: onSettled,
  });
  const refuse = useMutation({
    mutationFn: () => data(api.POST("/api/check-ins/{id}/refuse", { params: path })),
    onSuccess: onSettled,
  });
  const release = useMutation({
    mutationFn: () => data(api.POST("/api/check-ins/{id}/release", { params: path })),
    onSuccess: onSettled,
  });
  const error = take.error ?? refuse.error ?? release.error ?? differences.error;
  const { answers } = checkIn;
  /** Only what is taken has an effect, in the same order. */
  const effectsOf = (i: number) =>
    differences.data?.each[changes.slice(0, i).filter((c) => c !== undefined).length] ?? [];
  return (
    <div className={css.proposal}>
      <Told checkIn={checkIn} />
      <div>
        {answers.word && <blockquote>“{answers.word}”</blockquote>}
        {answers.alarms.length > 0 && (
          <p className={css.first}>Yes to: {answers.alarms.map((a) => ALARMS[a]).join("; ")}.</p>
        )}
        {checkIn.notes.map((note) => (
          <p key={note}>{note}</p>
        ))}
        {checkIn.proposed.map((proposed, i) => {
          const change = changes[i];
          const effects = change ? effectsOf(i) : [];
          return (
            <div key={proposed.what} className={css.change}>
              <CheckboxField
                label={proposed.what}
                checked={change !== undefined}
                onChange={(isOn) =>
                  setChanges(
                    changes.map((c, j) => (j === i ? (isOn ? proposed.change : undefined) : c)),
                  )
                }
              />
              {change && (
                <EditedChange
                  change={change}
                  onChange={(edited) => setChanges(changes.map((c, j) => (j === i ? edited : c)))}
                />
              )}
              <p>{proposed.why}</p>
              {effects.length > 0 && <p className={css.effects}>{effects.join(" · ")}</p>}
            </div>
          );
        })}
        {taken.length > 0 && differences.data && (
          <p>
            <b>Together:</b>{" "}
            {differences.data.together.length > 0
              ? differences.data.together.join(" · ")
              : "the same plan"}
          </p>
        )}
        <Flex gap="2" wrap="wrap" mt="2">
          {checkIn.isCoachFirst ? (
            <>
              <Button variant="solid" onClick={() => release.mutate()} disabled={release.isPending}>
                I have spoken with them: they may warm up
              </Button>
              <Button onClick={() => refuse.mutate()} disabled={refuse.isPending}>
                No session today
              </Button>
            </>
          ) : (
            <>
              <Button variant="solid" onClick={() => take.mutate()} disabled={take.isPending}>
                {taken.length > 0 ? "Take over" : "Seen"}
              </Button>
              {checkIn.proposed.length > 0 && (
                <Button onClick={() => refuse.mutate()} disabled={refuse.isPending}>
                  The plan stays
                </Button>
              )}
            </>
          )}
          <Link to={`/prescriptions/${checkIn.prescriptionId}`}>Open the warm-up</Link>
        </Flex>
        {error && <ErrorNotice error={error} />}
      </div>
    </div>
  );
}

/** A figure or a degree that the coach sees otherwise. */
function EditedChange({
  change,
  onChange,
}: {
  change: TodaysChange;
  onChange: (change: TodaysChange) => void;
}) {
  if (change.change === "MINUTES") {
    return (
      <label>
        <input
          type="number"
          min={3}
          max={90}
          value={change.minutes}
          onChange={(e) => onChange({ ...change, minutes: Number(e.target.value) })}
        />{" "}
        min
      </label>
    );
  }
  if (change.change !== "LIMIT") return null;
  return (
    <Flex gap="1" role="group" aria-label="How it is treated">
      {(["STIFF", "SORE", "HURT"] as const).map((severity) => (
        <button
          key={severity}
          type="button"
          aria-pressed={change.severity === severity}
          onClick={() => onChange({ ...change, severity })}
        >
          {SEVERITIES[severity]}
        </button>
      ))}
    </Flex>
  );
}

const SEVERITIES = { STIFF: "as stiff", SORE: "as sore", HURT: "as painful" } as const;

const RATINGS = [
  ["sleep", "slept"],
  ["mood", "mood"],
  ["freshness", "fresh"],
] as const;

/** The answers, looked at. */
function Told({ checkIn: { answers } }: { checkIn: CheckInView }) {
  const places = new Map<string, PlaceToday>();
  const sides = (side: string) => (side === "BOTH" ? ["LEFT", "RIGHT"] : [side]);
  for (const ache of answers.aches) {
    for (const side of sides(ache.side)) {
      places.set(`${ache.region} ${side}`, {
        state: ache.isSore ? "SORE" : "STIFF",
        intensity: 0,
        since: "TODAY",
      });
    }
  }
  for (const pain of answers.pains) {
    for (const side of sides(pain.side)) {
      places.set(`${pain.region} ${side}`, { state: "HURTS", ...pain });
    }
  }
  return (
    <Box className={css.told}>
      <Flex gap="3">
        {RATINGS.map(([key, words]) => (
          <Box key={key}>
            <Box fontSize="2xl" fontWeight="700" lineHeight="1">
              {answers[key] ?? "–"}
            </Box>
            <Box fontSize="sm" color="inkSoft">
              {words}, of 5
            </Box>
          </Box>
        ))}
      </Flex>
      {places.size > 0 && (
        <Body shadeOf={(region, side) => shadeOf(places.get(`${region} ${side}`))} />
      )}
    </Box>
  );
}
