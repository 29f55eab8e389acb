import type { CSSProperties } from "react";
import type { FollowItem } from "../api/types";
import { clock, figures, say } from "../shared/units";
import {
  comesAnotherSide,
  otherSide,
  repetition,
  stroke,
  wayOf,
  type Beat,
  type Way,
} from "./timeline";
import css from "./follow.module.css";

const SIDES = { LEFT: "Left", RIGHT: "Right", BOTH: "" };

/** "Out 2 of 3", "back". */
function going({ isBack, number, of, turns }: Way): string {
  if (isBack) return "back";
  return [turns || of > 1 ? "out" : "", of > 1 ? `${number} of ${of}` : ""]
    .filter(Boolean)
    .join(" ");
}

/** How far, and about how long it still takes. */
function lengthFigure({ length, turns }: Way, left: number): [string, string] {
  const [figure = "", unit = ""] = say(length).split(/\s+/);
  return [figure, `${unit}${turns ? ", then turn" : ""}; about ${left} s left`];
}

interface Props {
  beat: Beat;
  at: number;
  after: Beat | undefined;
  /** Whoever is in place sooner than the clock says need not wait for it. */
  onReady: (() => void) | undefined;
}

/** The count or the countdown, as large as the screen allows. */
export function Count({ beat, at, after, onReady }: Props) {
  const { segment } = beat;
  const left = Math.ceil(beat.to - at);
  const count = segment.kind === "WORK" ? repetition(beat, at) : 0;
  const way = wayOf(beat);
  const strokes = stroke(beat, at);
  const label = {
    CHANGE: segment.note || "get ready",
    SWITCH: segment.note || "change sides",
    RECOVER: segment.note || "recover",
    WORK: way ? going(way) : [SIDES[segment.side], segment.note].filter(Boolean).join(", "),
  }[segment.kind];
  const onTheClock =
    left < 60
      ? [String(left), left === 1 ? "second" : "seconds"]
      : [clock(left), left < 3600 ? "min" : "h"];
  const [figure = "", unit] =
    count > 0
      ? [String(count), `of ${segment.count}`]
      : way
        ? lengthFigure(way, left)
        : strokes
          ? [String(strokes[0]), `of ${strokes[1]} strokes`]
          : onTheClock;
  return (
    <>
      <section className={css.count} data-testid="count">
        <span className={css.side}>{label || "\u00a0"}</span>
        <strong style={{ "--characters": figure.length } as CSSProperties}>{figure}</strong>
        <span className={css.of}>
          {unit}
          {comesAnotherSide(beat, after) && <>, then {SIDES[otherSide(beat)].toLowerCase()}</>}
        </span>
      </section>
      {onReady && (
        <button type="button" className={css.inPlace} onClick={onReady}>
          In place: begin
        </button>
      )}
    </>
  );
}

export function TargetLine({ item }: { item: FollowItem }) {
  if (!item.target) return <p className={css.target} />;
  const { main, unit, more } = figures(item.target);
  return (
    <p className={css.target}>
      <b>{main}</b> {unit} <span>{more.join(" · ")}</span>
    </p>
  );
}
