import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, data } from "../api/client";
import type { AthleteView, RecordView } from "../api/types";
import { READY } from "../logbook/done";
import { dayAndMonth } from "../shared/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { TextField } from "../shared/fields";
import { Soft } from "../shared/panels";
import css from "./record.module.css";

/** What is said of one of them; nothing where they were not there. */
interface Said {
  isThere: boolean;
  felt: number | undefined;
  best: string;
}

/** A whole group’s warm-ups written down in one sweep. */
export function SweepPage() {
  const { id = "" } = useParams();
  const params = { path: { id } };
  const records = useQuery({
    queryKey: ["sweep", id],
    queryFn: () => data(api.GET("/api/sessions/{id}/records", { params })),
  });
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  if (records.error) return <ErrorNotice error={records.error} />;
  if (!records.data || !athletes.data) return <Box>Loading…</Box>;
  return <Sweep sessionId={id} records={records.data} athletes={athletes.data} />;
}

function Sweep({
  sessionId,
  records,
  athletes,
}: {
  sessionId: string;
  records: readonly RecordView[];
  athletes: readonly AthleteView[];
}) {
  const queries = useQueryClient();
  const [said, setSaid] = useState<Record<string, Said>>(() =>
    Object.fromEntries(
      records.map((r) => [
        r.prescriptionId,
        {
          isThere: true,
          felt: r.felt ?? undefined,
          best: r.bestEffort == null ? "" : `${r.bestEffort}`,
        },
      ]),
    ),
  );
  const save = useMutation({
    mutationFn: () =>
      data(
        api.POST("/api/sessions/{id}/records", {
          params: { path: { id: sessionId } },
          body: {
            records: records.flatMap((r) => {
              const one = said[r.prescriptionId];
              if (!one?.isThere) return [];
              return [
                {
                  prescriptionId: r.prescriptionId,
                  record: {
                    items: [],
                    waited: null,
                    jacketOff: null,
                    felt: one.felt ?? null,
                    bestEffort: one.best.trim() === "" ? null : Number(one.best),
                    results: null,
                    note: null,
                  },
                },
              ];
            }),
          },
        }),
      ),
    onSuccess: () => {
      for (const key of ["sweep", "record", "athlete-page", "review"]) {
        void queries.invalidateQueries({ queryKey: [key] });
      }
    },
  });
  const first = records[0];
  if (!first) {
    return (
      <Soft>
        No warm-up was written for this session. <Link to="/day">Back to the day</Link>
      </Soft>
    );
  }
  const set = (id: string, change: Partial<Said>) =>
    setSaid((all) => {
      const before = all[id];
      return before ? { ...all, [id]: { ...before, ...change } } : all;
    });
  const there = records.filter((r) => said[r.prescriptionId]?.isThere).length;
  return (
    <>
      <Box as="h1" fontSize="2xl">
        {first.title}
      </Box>
      <Soft>
        {dayAndMonth(first.startsAt.slice(0, 10))}: all did what was written, unless you say
        otherwise. Touch whoever was not there.
      </Soft>
      {records.map((r) => {
        const one = said[r.prescriptionId];
        const name = athletes.find((a) => a.id === r.athleteId)?.profile.name ?? "";
        if (!one) return null;
        return (
          <Flex key={r.prescriptionId} className={css.swept} align="center" gap="3" wrap="wrap">
            <div className={css.items}>
              <button
                type="button"
                aria-pressed={one.isThere}
                onClick={() => set(r.prescriptionId, { isThere: !one.isThere })}
              >
                {name}
              </button>
            </div>
            {one.isThere && (
              <>
                <div className={css.ready} role="group" aria-label={`How ready ${name} felt`}>
                  {READY.map((word, i) => (
                    <button
                      key={word}
                      type="button"
                      aria-pressed={one.felt === i + 1}
                      onClick={() =>
                        set(r.prescriptionId, { felt: one.felt === i + 1 ? undefined : i + 1 })
                      }
                    >
                      {word}
                    </button>
                  ))}
                </div>
                <Box w="110px">
                  <TextField
                    label="Best effort"
                    value={one.best}
                    onChange={(best) => set(r.prescriptionId, { best })}
                  />
                </Box>
                {r.isRecorded && <Soft>on record</Soft>}
              </>
            )}
          </Flex>
        );
      })}
      {save.error && <ErrorNotice error={save.error} />}
      <Flex gap="3" mt="4" align="center">
        <Button
          variant="solid"
          disabled={there === 0}
          loading={save.isPending}
          onClick={() => save.mutate()}
        >
          Write down {there}
        </Button>
        {save.isSuccess && <Box role="status">Written down.</Box>}
      </Flex>
    </>
  );
}
