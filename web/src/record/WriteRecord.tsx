import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, data } from "../api/client";
import type { RecordInput, RecordView } from "../api/types";
import { READY } from "../logbook/done";
import { ErrorNotice } from "../shared/ErrorNotice";
import { TextField } from "../shared/fields";
import { Soft } from "../shared/panels";
import { clock, parseClock } from "../shared/units";
import { readResults, sayResult } from "./results";
import css from "./record.module.css";

/** It is written down from shortly before the start on, ms. */
const EARLY = 30 * 60_000;

/** What was done, by hand: what was prescribed is filled in, and what differed is changed. */
export function WriteRecord({
  prescriptionId,
  startsAt,
}: {
  prescriptionId: string;
  startsAt: string;
}) {
  const [isOpen, setOpen] = useState(false);
  const [openedAt] = useState(() => Date.now());
  if (Date.parse(startsAt) - EARLY > openedAt) return null;
  return isOpen ? (
    <Form prescriptionId={prescriptionId} onDone={() => setOpen(false)} />
  ) : (
    <Box>
      <Button onClick={() => setOpen(true)}>Write down what was done</Button>
    </Box>
  );
}

function Form({ prescriptionId, onDone }: { prescriptionId: string; onDone: () => void }) {
  const params = { path: { id: prescriptionId } };
  const record = useQuery({
    queryKey: ["record", prescriptionId],
    queryFn: () => data(api.GET("/api/prescriptions/{id}/record", { params })),
  });
  if (record.error) return <ErrorNotice error={record.error} />;
  return record.data ? <Fields record={record.data} onDone={onDone} /> : <Box>Loading…</Box>;
}

type State = RecordView["items"][number]["state"];

function Fields({ record, onDone }: { record: RecordView; onDone: () => void }) {
  const queries = useQueryClient();
  const params = { path: { id: record.prescriptionId } };
  const [left, setLeft] = useState<ReadonlySet<string>>(
    new Set(record.items.filter((i) => counts(i) && !isDone(i.state)).map((i) => i.id)),
  );
  const [felt, setFelt] = useState(record.felt ?? undefined);
  const [best, setBest] = useState(record.bestEffort == null ? "" : `${record.bestEffort}`);
  const [wait, setWait] = useState(record.waited == null ? "" : clock(record.waited));
  const [jacket, setJacket] = useState(record.jacketOff == null ? "" : clock(record.jacketOff));
  const [results, setResults] = useState(
    record.results?.efforts.map((r) => sayResult(r, record.results?.unit)).join(", ") ?? "",
  );
  const [note, setNote] = useState(record.note);
  const refresh = () => {
    for (const key of ["record", "followed", "athlete-page", "usual"]) {
      void queries.invalidateQueries({ queryKey: [key] });
    }
    onDone();
  };
  const save = useMutation({
    mutationFn: () =>
      data(
        api.PUT("/api/prescriptions/{id}/record", {
          params,
          body: {
            items: record.items.filter(counts).flatMap((item): RecordInput["items"] => {
              const isLeft = left.has(item.id);
              if (isLeft === !isDone(item.state)) return [];
              return [{ id: item.id, state: isLeft ? "SKIPPED" : "DONE", seconds: null }];
            }),
            waited: parseClock(wait) ?? null,
            jacketOff: parseClock(jacket) ?? null,
            felt: felt ?? null,
            bestEffort: best.trim() === "" ? null : Number(best),
            results: readResults(results),
            note: note.trim() === "" ? null : note,
          },
        }),
      ),
    onSuccess: refresh,
  });
  const forget = useMutation({
    mutationFn: () => data(api.DELETE("/api/prescriptions/{id}/record", { params })),
    onSuccess: refresh,
  });
  const turn = (id: string) => {
    const next = new Set(left);
    if (!next.delete(id)) next.add(id);
    setLeft(next);
  };
  return (
    <Box as="section" aria-label="What was done, by hand">
      <Box as="h2" fontSize="lg">
        What was done
      </Box>
      <Soft>
        Touch what was left out; all else counts as {record.isFollowed ? "told" : "planned"}.
      </Soft>
      <div className={css.items} role="group" aria-label="Items">
        {record.items.filter(counts).map((item) => (
          <button
            key={item.id}
            type="button"
            aria-pressed={!left.has(item.id)}
            onClick={() => turn(item.id)}
          >
            {item.name}
          </button>
        ))}
      </div>
      <div className={css.ready} role="group" aria-label="How ready it felt">
        {READY.map((word, i) => (
          <button
            key={word}
            type="button"
            aria-pressed={felt === i + 1}
            onClick={() => setFelt(felt === i + 1 ? undefined : i + 1)}
          >
            {word}
          </button>
        ))}
      </div>
      <Flex gap="3" wrap="wrap" mt="2">
        <Narrow label="Best effort, number" value={best} onChange={setBest} />
        <Narrow label="Jacket off after" value={jacket} onChange={setJacket} />
        <Narrow label="Wait before the start" value={wait} onChange={setWait} />
      </Flex>
      <Box mt="2">
        <TextField
          label="Results of the efforts, in order"
          hint="Times such as 3:12, 3:09 or watts such as 310 W, 305 W"
          value={results}
          onChange={setResults}
        />
      </Box>
      <Box mt="2">
        <TextField label="A word" value={note} onChange={setNote} />
      </Box>
      {(save.error ?? forget.error) && <ErrorNotice error={save.error ?? forget.error} />}
      <Flex gap="3" mt="3" wrap="wrap">
        <Button variant="solid" loading={save.isPending} onClick={() => save.mutate()}>
          Save
        </Button>
        <Button variant="ghost" onClick={onDone}>
          Cancel
        </Button>
        {record.isByHand && (
          <Button variant="ghost" loading={forget.isPending} onClick={() => forget.mutate()}>
            Forget what was written
          </Button>
        )}
      </Flex>
    </Box>
  );
}

function Narrow(props: { label: string; value: string; onChange: (value: string) => void }) {
  return (
    <Box w="160px">
      <TextField {...props} />
    </Box>
  );
}

/** Settling before the start is a wait, told by its length. */
function counts(item: RecordView["items"][number]): boolean {
  return item.block !== "TRANSITION";
}

function isDone(state: State): boolean {
  return state === "DONE" || state === "PARTLY";
}
