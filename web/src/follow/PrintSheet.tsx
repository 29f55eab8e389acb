import { Fragment, useState } from "react";
import type { FollowItem, FollowView } from "../api/types";
import { sayTime } from "../shared/calendar";
import { Countdown } from "../shared/Countdown";
import { clock, say, targetWords } from "../shared/units";
import { BLOCKS } from "../shared/words";
import { beginOf, localTime, startInstant } from "../running/starttime";
import clsx from "clsx";
import css from "./follow.module.css";

/** One page for the wall or the pocket. */
export function PrintSheet({ view }: { view: FollowView }) {
  const [isLarge, setLarge] = useState(false);
  const start = startInstant(view.startsAt);
  const date = new Intl.DateTimeFormat("en-GB", { dateStyle: "full" }).format(start);
  return (
    <main className={clsx(css.sheet, isLarge && css.large)}>
      <header>
        <div>
          <h1>{view.sessionTitle}</h1>
          <p>
            {view.athleteName} · {date} · {view.place}, {view.temperature} °C
          </p>
        </div>
        <p className={css.times}>
          <strong>{sayTime(localTime(beginOf(start, view.seconds)))}</strong> begin
          <br />
          <strong>{sayTime(localTime(start))}</strong> first effort
        </p>
      </header>
      <div className={css.axis}>
        <Countdown plan={view} startsAt={sayTime(localTime(start))} height={90} />
      </div>
      <table>
        <thead>
          <tr>
            <th>T−</th>
            <th>Drill</th>
            <th>Dose</th>
            <th>Aim</th>
            <th>Say</th>
          </tr>
        </thead>
        <tbody>
          {view.items.map((item, i) => (
            <Fragment key={item.id}>
              {view.items[i - 1]?.block !== item.block && (
                <tr className={css.block}>
                  <th colSpan={5}>{BLOCKS[item.block]}</th>
                </tr>
              )}
              <tr>
                <td>{clock(item.startsBefore)}</td>
                <td>
                  {item.name}
                  <Versions item={item} />
                </td>
                <td>
                  {say(item.dose)}
                  {item.recoverySeconds > 0 && `, then ${item.recoverySeconds} s easy`}
                </td>
                <td>{item.target ? targetWords(item.target) : ""}</td>
                <td>{item.cues.join(" · ")}</td>
              </tr>
            </Fragment>
          ))}
        </tbody>
      </table>
      {view.cautions.map((f) => (
        <p key={f.what}>
          <b>{f.what}</b> {f.why}
        </p>
      ))}
      <p className={css.small}>
        Pain means stop that movement, reduce range or take the easier version. Sharp pain, chest
        pain, dizziness or unusual breathlessness: stop and get help. Venue and federation rules
        come first.
      </p>
      <label className={clsx(css.wall, css.noPrint)}>
        <input
          type="checkbox"
          checked={isLarge}
          onChange={(event) => setLarge(event.target.checked)}
        />{" "}
        Large print, for a wall
      </label>
      <button type="button" className={clsx(css.go, css.noPrint)} onClick={() => window.print()}>
        Print
      </button>
    </main>
  );
}

/** The rungs beside it, for the one in the group who needs another. */
function Versions({ item }: { item: FollowItem }) {
  const words = [
    item.easier && `easier: ${item.easier}`,
    item.harder && `harder: ${item.harder}`,
  ].filter(Boolean);
  return words.length > 0 ? <small className={css.versions}>{words.join(" · ")}</small> : null;
}
