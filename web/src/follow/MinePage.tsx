import { useState } from "react";
import type { MineView } from "../api/types";
import { sayDate, sayTime } from "../shared/calendar";
import { SportIcon } from "../shared/icons";
import { clock } from "../shared/units";
import { KITS } from "../shared/words";
import { LinkNotice } from "./LinkNotice";
import { localTime, startInstant } from "../running/starttime";
import { useKept } from "./useKept";
import css from "./follow.module.css";

type Next = MineView["next"][number];

/** What comes next for one athlete: when to begin, where, what to bring. */
export function MinePage({ token }: { token: string }) {
  const { view, error } = useKept<MineView>(`/api/follow/me/${encodeURIComponent(token)}`);
  const [now] = useState(() => Date.now());
  if (error || !view) return <LinkNotice error={error} />;
  const coming = view.next.filter((n) => startInstant(n.startsAt) > now - AFTER);
  const [first, ...others] = coming;
  return (
    <main className={css.overview}>
      <p className={css.eyebrow}>{view.athleteName}</p>
      {!first && <h1>Nothing planned for the next two weeks</h1>}
      {first && <First next={first} />}
      {others.length > 0 && (
        <ol className={css.coming}>
          {others.map((next) => (
            <li key={`${next.startsAt} ${next.sessionTitle}`}>
              <When next={next} />
            </li>
          ))}
        </ol>
      )}
    </main>
  );
}

/** So long after its start a session is still the present one, ms. */
const AFTER = 2 * 3_600_000;

function First({ next }: { next: Next }) {
  return (
    <>
      <h1>{next.sessionTitle}</h1>
      <div className={css.begin}>
        <span>{next.beginsAt ? "Begin at" : "First effort at"}</span>
        <strong>{time(next.beginsAt ?? next.startsAt)}</strong>
        <span>
          {day(next)}, {next.place}, {next.temperature} °C
          {next.beginsAt && <>; first effort at {time(next.startsAt)}</>}
        </span>
      </div>
      <Bring next={next} />
      {next.token ? (
        <a className={css.go} href={`/f/${next.token}`}>
          Open the warm-up
        </a>
      ) : (
        <p>Your coach has not prescribed a warm-up for it yet.</p>
      )}
    </>
  );
}

function When({ next }: { next: Next }) {
  const title = (
    <>
      <SportIcon sport={next.sport} size={16} /> {next.sessionTitle}
    </>
  );
  return (
    <>
      <b>{next.token ? <a href={`/f/${next.token}`}>{title}</a> : title}</b>
      <span>
        {day(next)},{" "}
        {next.beginsAt && next.seconds != null
          ? `begin at ${time(next.beginsAt)}, ${clock(next.seconds)} long`
          : `first effort at ${time(next.startsAt)}, no warm-up yet`}
      </span>
      <Bring next={next} />
    </>
  );
}

const LIST = new Intl.ListFormat("en-GB", { type: "conjunction" });

function Bring({ next }: { next: Next }) {
  if (next.bring.length === 0) return null;
  return <span>Bring: {LIST.format(next.bring.map((k) => KITS[k].toLowerCase()))}</span>;
}

function time(instant: string): string {
  return sayTime(localTime(startInstant(instant)));
}

function day(next: Next): string {
  return sayDate(next.startsAt.slice(0, 10));
}
