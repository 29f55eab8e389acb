// Sessions from a table or a calendar: each line as it was understood, then all of them or none.
import { Button, Flex, Textarea } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { BlockView, ImportLine, SessionFile } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { KINDS } from "../shared/words";
import { formatOf } from "./files";
import { timeOf } from "../session/dates";
import { sayDate } from "../shared/calendar";
import css from "./form.module.css";

const OUTCOMES: Record<ImportLine["outcome"], string> = {
  NEW: "new",
  CHANGED: "changes",
  SAME: "as it is",
  KEPT: "yours stays",
  FAULTY: "cannot be read",
};

export function FilePanel({ block }: { block: BlockView }) {
  const [text, setText] = useState("");
  const queries = useQueryClient();
  const navigate = useNavigate();
  const params = { path: { id: block.id } };
  const file = { format: formatOf(text), text };
  const preview = useMutation({
    mutationFn: (body: SessionFile) =>
      data(api.POST("/api/blocks/{id}/import/preview", { params, body })),
  });
  const take = useMutation({
    mutationFn: () => data(api.POST("/api/blocks/{id}/import", { params, body: file })),
    onSuccess: (view) => {
      queries.setQueryData(["block", block.id], view);
      invalidate(queries, ["sessions"]);
      void navigate(`/block/${block.id}`);
    },
  });
  function read(next: string) {
    setText(next);
    preview.reset();
    if (next.trim() !== "") preview.mutate({ format: formatOf(next), text: next });
  }
  const lines = preview.data?.lines ?? [];
  const coming = lines.filter((l) => l.outcome === "NEW" || l.outcome === "CHANGED").length;
  return (
    <section className={css.filePanel}>
      <h2>Sessions from a file</h2>
      <p className={css.soft}>
        A calendar (.ics) whose titles are the shorthand and whose category is the group, or a table
        (.csv) with the columns date, time, group, session and, if you like, id, place, minutes.
        Reading a file again changes what is there and adds nothing twice.
      </p>
      <Flex gap="3" align="center" wrap="wrap">
        <input
          type="file"
          accept=".ics,.csv,text/calendar,text/csv"
          aria-label="File of sessions"
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            if (chosen) void chosen.text().then(read);
          }}
        />
        <a href={`/api/blocks/${block.id}/sessions.ics`} download="sessions.ics">
          Save as calendar
        </a>
        <a href={`/api/blocks/${block.id}/sessions.csv`} download="sessions.csv">
          Save as table
        </a>
      </Flex>
      <Textarea
        aria-label="Or paste it here"
        placeholder={
          "date,time,group,session\n" +
          `${block.definition.start},17:30,${block.definition.groups[0]?.name ?? "Squad"},"6 x 1000 @ 5k, 90 s jog"`
        }
        value={text}
        rows={4}
        onChange={(e) => read(e.target.value)}
      />
      {preview.error && <ErrorNotice error={preview.error} />}
      {lines.length > 0 && (
        <>
          <table>
            <thead>
              <tr>
                <th scope="col">Line</th>
                <th scope="col">When</th>
                <th scope="col">Group</th>
                <th scope="col">How each line was read</th>
                <th scope="col">What happens</th>
              </tr>
            </thead>
            <tbody>
              {lines.map((l, i) => (
                <tr key={i} className={l.outcome === "FAULTY" ? css.faulty : undefined}>
                  <td>{l.line}</td>
                  <td>
                    {l.startsAt
                      ? `${sayDate(l.startsAt.slice(0, 10))}, ${timeOf(l.startsAt)}`
                      : "–"}
                  </td>
                  <td>{l.group}</td>
                  <td>
                    {l.fault || (
                      <>
                        {l.understood}
                        {l.kind && <small> {KINDS[l.kind].toLowerCase()}</small>}
                      </>
                    )}
                  </td>
                  <td>{OUTCOMES[l.outcome]}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Flex gap="3" align="center">
            <Button
              variant="solid"
              disabled={(preview.data?.faulty ?? 0) > 0 || coming === 0 || take.isPending}
              onClick={() => take.mutate()}
            >
              Import {coming} {coming === 1 ? "session" : "sessions"}
            </Button>
            {(preview.data?.faulty ?? 0) > 0 && (
              <span>Nothing is imported until every line can be read.</span>
            )}
          </Flex>
        </>
      )}
      {take.error && <ErrorNotice error={take.error} />}
    </section>
  );
}
