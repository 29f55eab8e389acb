import type { FollowItem, InHandView } from "../api/types";
import type { FollowEvent } from "../api/types";
import type { Late, Rungs } from "./refit";
import { MORE } from "./refit";
import css from "./follow.module.css";

type Reason = NonNullable<FollowEvent["reason"]>;

const REASONS: [Reason, string][] = [
  ["NO_ROOM", "No room"],
  ["NO_KIT", "No kit"],
  ["SORE", "Sore"],
  ["SHORT_OF_TIME", "Short of time"],
];

/** One touch, and only for whoever wants to say. */
export function WhySkipped({
  name,
  onReason,
}: {
  name: string;
  onReason: (reason: Reason) => void;
}) {
  return (
    <section className={css.why} aria-label={`Why was ${name} skipped?`}>
      <span>{name} skipped. Why?</span>
      {REASONS.map(([reason, words]) => (
        <button key={reason} type="button" onClick={() => onReason(reason)}>
          {words}
        </button>
      ))}
    </section>
  );
}

type TopUp = InHandView["slipped"][number];

/** The warm-up is done and the start comes later: what keeps warm until then. */
export function Slipped({
  choices,
  onSlipped,
}: {
  choices: readonly TopUp[];
  onSlipped: (topUp: TopUp) => void;
}) {
  if (choices.length === 0) return null;
  return (
    <fieldset className={css.felt}>
      <legend>The start has slipped? Do not begin again; top up.</legend>
      {choices.map((topUp) => (
        <button key={topUp.minutes} type="button" onClick={() => onSlipped(topUp)}>
          <b>+{topUp.minutes}</b> min
        </button>
      ))}
    </fieldset>
  );
}

interface Props {
  rungs: Rungs;
  onRung: (rung: FollowItem) => void;
  onMore: (() => void) | undefined;
  onJacketOff: (() => void) | undefined;
  late: Late | undefined;
  onFit: (late: Late) => void;
}

/** What can be changed on the way, each in one touch. */
export function InHand({ rungs, onRung, onMore, onJacketOff, late, onFit }: Props) {
  const { easier, harder } = rungs;
  return (
    <>
      {late && (
        <section className={css.late} aria-label="Behind the start time">
          <p>{lost(late)}</p>
          <button type="button" onClick={() => onFit(late)}>
            Fit what is left
          </button>
        </section>
      )}
      <div className={css.hand}>
        <button
          type="button"
          disabled={!easier}
          title={easier?.name}
          onClick={() => easier && onRung(easier)}
        >
          Easier
          <small>{easier?.name}</small>
        </button>
        <button
          type="button"
          disabled={!harder}
          title={harder?.name}
          onClick={() => harder && onRung(harder)}
        >
          Harder
          <small>{harder?.name}</small>
        </button>
        <button type="button" disabled={!onMore} onClick={onMore}>
          +{MORE} s
        </button>
        <button type="button" disabled={!onJacketOff} onClick={onJacketOff}>
          {onJacketOff ? "Jacket off" : "Jacket is off"}
        </button>
      </div>
    </>
  );
}

const LIST = new Intl.ListFormat("en-GB", { type: "conjunction" });

/** Of a long list the first few are named. */
const NAMED = 2;

function few(names: readonly string[]): string {
  const more = names.length - NAMED;
  return LIST.format(more > 0 ? [...names.slice(0, NAMED), `${more} more`] : names);
}

/** What goes, in words. */
export function lost({ minutesLost, dropped, shortened }: Late): string {
  const what = [
    dropped.length > 0 ? `leaves out ${few(dropped)}` : "",
    shortened.length > 0 ? `shortens ${few(shortened)}` : "",
  ].filter(Boolean);
  return `${minutesLost} min lost: what is left ${what.join("; ") || "is done a little faster"}.`;
}
