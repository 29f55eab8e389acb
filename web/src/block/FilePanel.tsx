// Sessions from a table or a calendar: each line as it was understood, then all of them or none.
import { Box, Button, Flex, Link, Table, Textarea } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { BlockView, ImportLine, SessionFile } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { KINDS } from "../shared/words";
import { formatOf } from "./files";
import { timeOf } from "../shared/dates";
import { sayDate } from "../shared/calendar";
import { Section, Soft, Title } from "../shared/panels";

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
    <Section>
      <Title>Sessions from a file</Title>
      <Soft>
        A calendar (.ics) whose titles are the shorthand and whose category is the group, or a table
        (.csv) with the columns date, time, group, session and, if you like, id, place, minutes.
        Reading a file again changes what is there and adds nothing twice.
      </Soft>
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
        <Link
          textDecoration="underline"
          href={`/api/blocks/${block.id}/sessions.ics`}
          download="sessions.ics"
        >
          Save as calendar
        </Link>
        <Link
          textDecoration="underline"
          href={`/api/blocks/${block.id}/sessions.csv`}
          download="sessions.csv"
        >
          Save as table
        </Link>
        <Link
          textDecoration="underline"
          href={`/api/blocks/${block.id}/warm-ups.csv`}
          download="warm-ups.csv"
        >
          Save warm-ups as table
        </Link>
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
          <Table.Root variant="line">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader scope="col">Line</Table.ColumnHeader>
                <Table.ColumnHeader scope="col">When</Table.ColumnHeader>
                <Table.ColumnHeader scope="col">Group</Table.ColumnHeader>
                <Table.ColumnHeader scope="col">How each line was read</Table.ColumnHeader>
                <Table.ColumnHeader scope="col">What happens</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {lines.map((l, i) => (
                <Table.Row
                  key={i}
                  {...(l.outcome === "FAULTY" && { color: "caution", fontWeight: 600 })}
                >
                  <Table.Cell>{l.line}</Table.Cell>
                  <Table.Cell>
                    {l.startsAt
                      ? `${sayDate(l.startsAt.slice(0, 10))}, ${timeOf(l.startsAt)}`
                      : "–"}
                  </Table.Cell>
                  <Table.Cell>{l.group}</Table.Cell>
                  <Table.Cell>
                    {l.fault || (
                      <>
                        {l.understood}
                        {l.kind && (
                          <Box as="small" color="inkSoft">
                            {" "}
                            {KINDS[l.kind].toLowerCase()}
                          </Box>
                        )}
                      </>
                    )}
                  </Table.Cell>
                  <Table.Cell>{OUTCOMES[l.outcome]}</Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
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
    </Section>
  );
}
