import { Button } from "@chakra-ui/react";
import clsx from "clsx";
import { useEffect, useMemo, useRef, useState, type CSSProperties } from "react";
import { Link, useParams } from "react-router";
import type { LeadStep, LeadView, SquadSheet } from "../api/types";
import { now as evenNow } from "../running/clock";
import { SensesSwitch } from "../running/SensesSwitch";
import { allowSound, countIn, keepAwake, nextItem, speak } from "../running/signals";
import { seconds } from "../running/stopwatch";
import { localTime } from "../running/starttime";
import { sayTime } from "../shared/calendar";
import { ErrorNotice } from "../shared/ErrorNotice";
import { clock, say, targetWords } from "../shared/units";
import { BLOCKS } from "../shared/words";
import { Codes } from "./Codes";
import { lengths, nameOf, stepAt, watchOfLead } from "./steps";
import { useLeading, type UseLeading } from "./useLeading";
import { useServerClock, type Known } from "./useServerClock";
import css from "./lead.module.css";

/** One touch adds so much for all, s. */
const MORE = 15;

/** Further from the start than this it is another day's, s. */
const FAR = 6 * 3600;

/** All begin together, so long after the touch, ms. */
const LEAD_IN = 3000;

/** Whoever goes back this early in a step means the one before, s. */
const BARELY = 3;

/** The squad sheet in motion: who is on what, how long still, what is next. */
export function LeadPage() {
  const { id = "" } = useParams();
  const lead = useLeading(id);
  const known = useServerClock(lead.view !== undefined);
  if (lead.error)
    return <ErrorNotice error={lead.error} onRetry={() => window.location.reload()} />;
  if (lead.isPending) return <p>Loading…</p>;
  const { view, leading } = lead;
  if (!view || !leading || leading.state.isEnded) {
    return (
      <section className={css.before}>
        <h1>{leading?.state.isEnded ? "The lead is over" : "Lead this warm-up"}</h1>
        <p>
          This device sets the clock for all. Whoever opens the link of their own warm-up follows it
          with one touch: the same drill at the same time, each in their own version.
        </p>
        <Button size="lg" onClick={lead.begin}>
          {leading?.state.isEnded ? "Lead once more" : "Lead"}
        </Button>
        <p>
          <Link to={`/sessions/${id}/sheet`}>The squad sheet</Link>
        </p>
      </section>
    );
  }
  return known ? <Motion view={view} lead={lead} known={known} /> : <p>Setting the clocks…</p>;
}

function Motion({ view, lead, known }: { view: LeadView; lead: UseLeading; known: Known }) {
  const state = lead.leading?.state ?? view.state;
  const { steps, sheet } = view;
  const [now, setNow] = useState(evenNow);
  const [isStopping, setStopping] = useState(false);
  const [showsCodes, setShowsCodes] = useState(false);
  useEffect(() => {
    const timer = setInterval(() => setNow(evenNow()), 100);
    return () => clearInterval(timer);
  }, []);
  useEffect(() => {
    const released = keepAwake();
    return () => void released.then((release) => release());
  }, []);
  const all = useMemo(() => lengths(steps, state), [steps, state]);
  const whole = all.reduce((sum, s) => sum + s, 0);
  const watch = watchOfLead(state, known.offset);
  const at = seconds(watch, now);
  const step = stepAt(all, Math.max(0, at));
  const isRunning = state.zero != null;
  const isFresh = !isRunning && state.heldMillis === 0;
  useStepCalls(steps, step?.index, step ? Math.ceil(step.to - at) : 0, isRunning);

  /** What counts now, by the server's clock and in the warm-up, ms. */
  const instant = () => {
    const here = evenNow();
    return { server: Math.round(here + known.offset), at: 1000 * seconds(watch, here) };
  };
  const go = (target: number) =>
    lead.change(
      isRunning
        ? { zero: instant().server - Math.round(1000 * target) }
        : { heldMillis: Math.round(1000 * target) },
    );
  const hold = () => {
    allowSound();
    const { server, at: reached } = instant();
    if (isRunning) lead.change({ zero: null, heldMillis: Math.max(0, Math.round(reached)) });
    else lead.change({ zero: server - state.heldMillis + (isFresh ? LEAD_IN : 0) });
  };
  const back = () => {
    const from = step?.from ?? whole;
    const before = from - (all[(step?.index ?? all.length) - 1] ?? 0);
    go(step && at - from > BARELY ? from : before);
  };
  const more = () => {
    if (step) lead.change({ added: state.added.map((s, i) => (i === step.index ? s + MORE : s)) });
  };
  const end = () => {
    lead.change({ isEnded: true, zero: null, heldMillis: Math.max(0, Math.round(1000 * at)) });
  };

  const start = new Date(sheet.session.startsAt).getTime();
  const behind = Math.round((now - start) / 1000) + whole;
  const late = behind > 0 && behind < FAR ? `that was ${clock(behind)} ago; ` : "";
  const present = step && steps[step.index];
  const next = step && steps[step.index + 1];
  return (
    <section className={css.lead}>
      <header>
        <span className={css.part}>{present ? BLOCKS[present.block] : "Warm-up done"}</span>
        <span className={css.whole} title="Until the warm-up ends">
          T−{clock(Math.max(0, Math.ceil(whole - Math.max(0, at))))}
        </span>
      </header>
      {isFresh ? (
        <>
          <h1>{sheet.session.title}</h1>
          <Figure
            above="Begin at"
            figure={sayTime(localTime(start - 1000 * whole))}
            below={`${late}together it takes ${clock(whole)}, first effort at ${sayTime(localTime(start))}`}
          />
        </>
      ) : (
        <>
          <h1>{present ? nameOf(present) : "All are ready. Go to the start."}</h1>
          <Big step={step} at={at} start={start} now={now} />
        </>
      )}
      {present && <Who sheet={sheet} step={present} />}
      <p className={css.next}>
        {next ? (
          <>
            Next: <b>{nameOf(next)}</b>, {clock(all[step.index + 1] ?? 0)}
          </>
        ) : (
          <>
            Next: <b>the start</b> at {sayTime(localTime(start))}
          </>
        )}
      </p>
      <ol className={css.bar} aria-hidden>
        {steps.map((s, i) => (
          <li
            key={i}
            className={clsx(i < (step?.index ?? steps.length) && css.done, s === present && css.on)}
            style={{ "--share": all[i] } as CSSProperties}
          />
        ))}
      </ol>
      {!lead.isLeader && (
        <p className={css.notice} role="status">
          Another device leads. Whatever you touch here takes the lead.
        </p>
      )}
      {lead.leading?.waits && (
        <p className={css.notice} role="status">
          No network: it goes on here, and the others as they were. What you did is told as soon as
          there is one.
        </p>
      )}
      <footer>
        <button type="button" disabled={isFresh} onClick={back}>
          Back
        </button>
        <button type="button" className={css.pause} disabled={!step} onClick={hold}>
          {isRunning ? "Pause for all" : isFresh ? "Start for all" : "Go on"}
        </button>
        <button type="button" disabled={!step} onClick={more}>
          +{MORE} s
        </button>
        <button type="button" disabled={!step} onClick={() => step && go(step.to)}>
          Skip
        </button>
      </footer>
      <details className={css.more} onToggle={(e) => setShowsCodes(e.currentTarget.open)}>
        <summary>Links and codes for those who follow</summary>
        {showsCodes && <Codes columns={sheet.columns} />}
      </details>
      <details className={css.more}>
        <summary>Sound, speech, stop leading</summary>
        <SensesSwitch />
        <p>
          The clocks of all who follow agree to within {Math.max(1, Math.ceil(known.within))} ms of
          the server’s here.
        </p>
        {isStopping ? (
          <>
            <p role="status">Whoever follows goes on alone.</p>
            <Button onClick={end}>Stop leading</Button>{" "}
            <Button variant="outline" onClick={() => setStopping(false)}>
              Keep leading
            </Button>
          </>
        ) : (
          <Button variant="outline" onClick={() => setStopping(true)}>
            Stop leading…
          </Button>
        )}
      </details>
    </section>
  );
}

function Big({
  step,
  at,
  start,
  now,
}: {
  step: { to: number } | undefined;
  at: number;
  start: number;
  now: number;
}) {
  const left = step ? Math.ceil(step.to - Math.max(0, at)) : Math.round((start - now) / 1000);
  const [figure, unit] =
    at < 0
      ? [String(Math.ceil(-at)), "all begin together"]
      : !step && (left < 0 || left > FAR)
        ? ["–", "the start has passed"]
        : left < 60
          ? [String(left), left === 1 ? "second" : "seconds"]
          : [clock(left), step ? "min" : "until the first effort"];
  return <Figure figure={figure} below={unit} />;
}

function Figure({ above, figure, below }: { above?: string; figure: string; below: string }) {
  return (
    <p className={css.count} data-testid="lead-count">
      {above && <span>{above}</span>}
      <strong style={{ "--characters": figure.length } as CSSProperties}>{figure}</strong>
      <span>{below}</span>
    </p>
  );
}

/** Who does what of a step; the same for all is said once. */
function Who({ sheet, step }: { sheet: SquadSheet; step: LeadStep }) {
  const words = sheet.columns.map((_, column) => wordsOf(sheet, step, column));
  const isSame = words.length > 1 && words.every((w) => w.main === words[0]?.main && !w.target);
  return (
    <ul className={css.who}>
      {isSame ? (
        <li>
          <b>All {words.length}</b>
          <span>{words[0]?.main}</span>
        </li>
      ) : (
        sheet.columns.map((column, i) => (
          <li key={column.prescriptionId} className={clsx(words[i]?.isResting && css.rests)}>
            <b>{column.name}</b>
            <span>{words[i]?.main}</span>
            {words[i]?.target && <em>{words[i].target}</em>}
          </li>
        ))
      )}
    </ul>
  );
}

function wordsOf(sheet: SquadSheet, step: LeadStep, column: number) {
  const rows = step.rows.flatMap((row) => sheet.rows[row] ?? []);
  const parts = rows.flatMap((row) => {
    const cell = row.cells[column];
    if (!cell?.name) return [];
    const isAsCalled = step.rows.length === 1 && cell.name === row.name;
    return [{ what: `${isAsCalled ? "" : `${cell.name}, `}${say(cell.dose)}`, cell }];
  });
  const target = parts.length === 1 ? parts[0]?.cell.target : undefined;
  return {
    isResting: parts.length === 0,
    main: parts.map((part) => part.what).join("; then ") || "keeps moving",
    target: target ? targetWords(target) : "",
  };
}

/** Calls each step, and the last three seconds of it. */
function useStepCalls(
  steps: readonly LeadStep[],
  index: number | undefined,
  left: number,
  isRunning: boolean,
) {
  const called = useRef({ index: -1, left: 0 });
  useEffect(() => {
    if (!isRunning || index === undefined) return;
    const before = called.current;
    if (before.index !== index) {
      nextItem();
      {
        const step = steps[index];
        if (step) speak(nameOf(step));
      }
    } else if (left !== before.left && left <= 3) {
      countIn();
    }
    called.current = { index, left };
  }, [steps, index, left, isRunning]);
}
