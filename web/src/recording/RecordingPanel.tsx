import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, data } from "../api/client";
import type { RecordingFile, RecordingView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SelectField } from "../shared/fields";
import { Section, Soft, Title } from "../shared/panels";
import { clock } from "../shared/units";
import { Aligned } from "./Aligned";
import type { Arrangement } from "./axis";
import { formatOf, refused } from "./files";
import { options, sayFigure } from "./words";
import css from "./recording.module.css";

type Columns = NonNullable<RecordingFile["columns"]>;

/** What a device recorded, beside what was prescribed. */
export function RecordingPanel({
  prescriptionId,
  startsAt,
}: {
  prescriptionId: string;
  startsAt: string;
}) {
  const [openedAt] = useState(() => Date.now());
  const params = { path: { id: prescriptionId } };
  const recorded = useQuery({
    queryKey: ["recording", prescriptionId],
    queryFn: () => data(api.GET("/api/prescriptions/{id}/recording", { params })),
  });
  const view = recorded.data?.recording;
  if (!view && Date.parse(startsAt) > openedAt) return null;
  return (
    <Section aria-label="Recording" w="100%">
      <Title>{view ? view.files.join(", ") : "Recording"}</Title>
      {view ? (
        <Shown view={view} />
      ) : (
        <Soft>GPX, TCX or a table of a device: its efforts are found and tied to the plan.</Soft>
      )}
      <Take prescriptionId={prescriptionId} isThere={view != null} />
    </Section>
  );
}

function useRefresh() {
  const queries = useQueryClient();
  return () => {
    for (const key of ["recording", "record", "followed", "athlete-page"]) {
      void queries.invalidateQueries({ queryKey: [key] });
    }
  };
}

function Shown({ view }: { view: RecordingView }) {
  const refresh = useRefresh();
  const params = { path: { id: view.prescriptionId } };
  const arrange = useMutation({
    mutationFn: (arrangement: Arrangement | undefined) =>
      data(
        arrangement
          ? api.PUT("/api/prescriptions/{id}/recording", { params, body: arrangement })
          : api.DELETE("/api/prescriptions/{id}/recording/arrangement", { params }),
      ),
    onSuccess: refresh,
  });
  const facts = [
    view.length == null ? "" : `Warm-up ${clock(view.length)}`,
    view.gap == null ? "" : `${clock(view.gap)} from the last graded effort to the first effort`,
  ].filter(Boolean);
  return (
    <>
      {facts.length > 0 && <Box fontSize="lg">{facts.join("; ")}.</Box>}
      {view.notes.map((note) => (
        <Box key={note} color="caution" role="note">
          ▲ {note}
        </Box>
      ))}
      <Aligned view={view} onArrange={(arrangement) => arrange.mutate(arrangement)} />
      {view.isByHand && (
        <Button
          variant="ghost"
          loading={arrange.isPending}
          onClick={() => arrange.mutate(undefined)}
        >
          Back to what was found
        </Button>
      )}
      {arrange.error && <ErrorNotice error={arrange.error} />}
      <Found view={view} />
    </>
  );
}

/** Each step with a figure, how long it was hit, and what came. */
function Found({ view }: { view: RecordingView }) {
  const rows = view.steps.flatMap((step, i) => {
    const found = view.stretches.filter((s) => s.step === i);
    if (step.figure == null || !step.isWork) return [];
    const seconds = found.reduce((sum, s) => sum + s.until - s.from, 0);
    const mean = found.reduce((sum, s) => sum + s.mean * (s.until - s.from), 0) / (seconds || 1);
    return [{ i, step, seconds, mean }];
  });
  if (rows.length === 0) return null;
  return (
    <div className={css.table}>
      <table>
        <thead>
          <tr>
            <th>Effort</th>
            <th>asked</th>
            <th>came</th>
            <th>on target</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ i, step, seconds, mean }) => (
            <tr key={i}>
              <td>{step.name}</td>
              <td>
                {clock(step.seconds)} {sayFigure(step.figure ?? 0, view.measure)}
              </td>
              <td>
                {seconds === 0 ? "not found" : `${clock(seconds)} ${sayFigure(mean, view.measure)}`}
              </td>
              <td>
                {seconds === 0 ? "" : `${Math.round((100 * (step.inTarget ?? 0)) / seconds)} %`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Take({ prescriptionId, isThere }: { prescriptionId: string; isThere: boolean }) {
  const refresh = useRefresh();
  const params = { path: { id: prescriptionId } };
  const [problem, setProblem] = useState("");
  const [table, setTable] = useState<{
    files: RecordingFile[];
    names: string[];
    columns: Columns;
  }>();
  const take = useMutation({
    mutationFn: (files: RecordingFile[]) =>
      data(api.POST("/api/prescriptions/{id}/recording", { params, body: { files } })),
    onSuccess: () => {
      setTable(undefined);
      refresh();
    },
  });
  const remove = useMutation({
    mutationFn: () => api.DELETE("/api/prescriptions/{id}/recording", { params }),
    onSuccess: refresh,
  });
  const choose = async (chosen: readonly File[]) => {
    const words = chosen.map(refused).find((w) => w !== "") ?? "";
    setProblem(words);
    if (words !== "" || chosen.length === 0) return;
    const files = await Promise.all(
      chosen.map(async (f): Promise<RecordingFile> => ({
        name: f.name,
        format: formatOf(f.name) ?? "GPX",
        text: await f.text(),
        columns: null,
      })),
    );
    const csv = files.find((f) => f.format === "CSV");
    if (!csv) {
      take.mutate(files);
      return;
    }
    try {
      const head = await data(api.POST("/api/columns/recording", { body: { text: csv.text } }));
      setTable({
        files,
        names: head.names,
        columns: head.columns ?? {
          time: head.names[0] ?? "",
          speed: null,
          power: null,
          heart: null,
        },
      });
    } catch {
      setProblem(`${csv.name} is no table with a head line.`);
    }
  };
  return (
    <>
      <Flex gap="3" wrap="wrap" align="center">
        <label>
          <Box as="span" className={css.legend}>
            {isThere ? "Another recording in its place" : "Files of this session"}
          </Box>
          <input
            type="file"
            multiple
            accept=".gpx,.tcx,.csv,.txt"
            onChange={(e) => void choose([...(e.target.files ?? [])])}
          />
        </label>
        {isThere && (
          <Button variant="ghost" loading={remove.isPending} onClick={() => remove.mutate()}>
            Take the recording away
          </Button>
        )}
      </Flex>
      {table && (
        <Flex gap="3" wrap="wrap" align="end">
          {(["time", "speed", "power", "heart"] as const).map((name) => (
            <SelectField
              key={name}
              label={COLUMN[name]}
              options={options([
                ...(name === "time" ? [] : [["", "none"]]),
                ...table.names.map((n) => [n, n]),
              ])}
              value={table.columns[name] ?? ""}
              onChange={(value) =>
                setTable({ ...table, columns: { ...table.columns, [name]: value || null } })
              }
            />
          ))}
          <Button
            onClick={() =>
              take.mutate(
                table.files.map((f) => (f.format === "CSV" ? { ...f, columns: table.columns } : f)),
              )
            }
          >
            Take it in
          </Button>
        </Flex>
      )}
      {take.isPending && <Box role="status">Finding the efforts…</Box>}
      {problem !== "" && (
        <Box role="alert" color="caution">
          {problem}
        </Box>
      )}
      {(take.error ?? remove.error) && <ErrorNotice error={take.error ?? remove.error} />}
    </>
  );
}

const COLUMN = {
  time: "Column of the time",
  speed: "Speed, m/s",
  power: "Power, W",
  heart: "Heart rate",
};
