import type { CSSProperties } from "react";
import type { FollowItem } from "../api/types";
import { clock, figures } from "../shared/units";
import { comesAnotherSide, otherSide, repetition, type Beat } from "./timeline";
import css from "./follow.module.css";

const SIDES = { LEFT: "Left", RIGHT: "Right", BOTH: "" };

/** The count or the countdown, as large as the screen allows. */
export function Count({ beat, at, after }: { beat: Beat; at: number; after: Beat | undefined }) {
  const { segment } = beat;
  const left = Math.ceil(beat.to - at);
  const count = segment.kind === "WORK" ? repetition(beat, at) : 0;
  const label = {
    CHANGE: segment.note || "get ready",
    SWITCH: segment.note || "change sides",
    RECOVER: segment.note || "recover",
    WORK: [SIDES[segment.side], segment.note].filter(Boolean).join(", "),
  }[segment.kind];
  const [figure, unit] =
    count > 0
      ? [String(count), `of ${segment.count}`]
      : left < 60
        ? [String(left), left === 1 ? "second" : "seconds"]
        : [clock(left), left < 3600 ? "min" : "h"];
  return (
    <section className={css.count} data-testid="count">
      <span className={css.side}>{label || "\u00a0"}</span>
      <strong style={{ "--characters": figure.length } as CSSProperties}>{figure}</strong>
      <span className={css.of}>
        {unit}
        {comesAnotherSide(beat, after) && <>, then {SIDES[otherSide(beat)].toLowerCase()}</>}
      </span>
    </section>
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
