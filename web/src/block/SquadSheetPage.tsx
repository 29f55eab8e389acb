import { Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Fragment, useState } from "react";
import { Link, useParams } from "react-router";
import { api, data } from "../api/client";
import type { SquadSheet } from "../api/types";
import { dayAndMonth, timeOf, weekday } from "../shared/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { CheckboxField } from "../shared/fields";
import { clock, say, targetWords } from "../shared/units";
import { BLOCKS } from "../shared/words";
import clsx from "clsx";
import css from "./sheet.module.css";

type Row = SquadSheet["rows"][number];

/** A group's warm-ups side by side: to print on one page, or to read on a phone one by one. */
export function SquadSheetPage() {
  const { id = "" } = useParams();
  const sheet = useQuery({
    queryKey: ["sheet", id],
    queryFn: () => data(api.GET("/api/sessions/{id}/sheet", { params: { path: { id } } })),
  });
  const [shown, setShown] = useState(0);
  const [isLarge, setLarge] = useState(false);
  if (sheet.error) return <ErrorNotice error={sheet.error} onRetry={() => void sheet.refetch()} />;
  if (!sheet.data) return <p>Loading…</p>;
  const { session, columns, rows } = sheet.data;
  const date = session.startsAt.slice(0, 10);
  return (
    <section className={clsx(css.sheet, isLarge && css.large)}>
      <header>
        <h1>{session.title}</h1>
        <p>
          {weekday(date, "long")} {dayAndMonth(date)}, start at{" "}
          <strong>{timeOf(session.startsAt)}</strong>
        </p>
        <Flex className={css.noPrint} gap="2">
          {columns.length > 0 && (
            <Button asChild>
              <Link to={`/sessions/${id}/lead`}>Lead it</Link>
            </Button>
          )}
          <Button onClick={() => window.print()}>Print</Button>
          <CheckboxField label="Large print, for a wall" checked={isLarge} onChange={setLarge} />
        </Flex>
      </header>
      {columns.length === 0 && <p>Nobody has a warm-up for this session yet.</p>}
      <div className={clsx(css.who, css.noPrint)} role="group" aria-label="Athlete">
        {columns.map((c, i) => (
          <button
            key={c.athleteId}
            type="button"
            aria-pressed={i === shown}
            onClick={() => setShown(i)}
          >
            {c.name}
          </button>
        ))}
      </div>
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            {columns.map((c, i) => (
              <th key={c.athleteId} scope="col" className={i === shown ? css.shown : undefined}>
                <Link to={`/prescriptions/${c.prescriptionId}`}>{c.name}</Link>
                {c.startsAt !== session.startsAt && <small>starts {timeOf(c.startsAt)}</small>}
                <small>begins T−{clock(c.seconds)}</small>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, r) => (
            <Fragment key={r}>
              {rows[r - 1]?.block !== row.block && (
                <tr className={css.part}>
                  <th colSpan={columns.length + 1} scope="rowgroup">
                    {BLOCKS[row.block]}
                  </th>
                </tr>
              )}
              <tr className={row.cells[shown]?.name ? undefined : css.notShown}>
                <th scope="row">{row.name}</th>
                {row.cells.map((cell, c) => (
                  <td key={c} className={c === shown ? css.shown : undefined}>
                    <Cell row={row} cell={cell} />
                  </td>
                ))}
              </tr>
            </Fragment>
          ))}
        </tbody>
      </table>
      <p className={css.soft}>
        Pain means stop that movement. Venue and federation rules come first.
      </p>
    </section>
  );
}

function Cell({ row, cell }: { row: Row; cell: Row["cells"][number] }) {
  if (!cell.name) return <span className={css.none}>–</span>;
  return (
    <>
      {cell.name !== row.name && <b>{cell.name} </b>}
      <span>{say(cell.dose)}</span>
      {cell.target && <em>{targetWords(cell.target)}</em>}
    </>
  );
}
