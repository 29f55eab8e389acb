import { useState } from "react";
import type { Happening } from "./keeping";
import css from "./follow.module.css";

const READY = ["flat", "slow", "all right", "ready", "sharp"];

/** Efforts of a session that are offered to choose the best of. */
const EFFORTS = 12;

/** Two touches: how ready it felt, and later on which effort they were at their best. */
export function Afterwards({
  tell,
  isDone = false,
}: {
  tell: (happening: Omit<Happening, "at">) => void;
  /** Whether the session began long since. */
  isDone?: boolean;
}) {
  const [isGiven, setGiven] = useState(false);
  const [felt, setFelt] = useState(0);
  const [best, setBest] = useState(0);
  return (
    <>
      {!isDone && !isGiven && (
        <button
          type="button"
          className={css.given}
          onClick={() => {
            setGiven(true);
            tell({ kind: "START_GIVEN" });
          }}
        >
          The first effort begins now
        </button>
      )}
      <fieldset className={css.felt}>
        <legend>How ready do you feel?</legend>
        {READY.map((word, i) => (
          <button
            key={word}
            type="button"
            aria-pressed={felt === i + 1}
            onClick={() => {
              setFelt(i + 1);
              tell({ kind: "FELT", value: i + 1 });
            }}
          >
            <b>{i + 1}</b> {word}
          </button>
        ))}
      </fieldset>
      <fieldset className={css.best}>
        <legend>After the session: on which effort were you at your best?</legend>
        {Array.from({ length: EFFORTS }, (_, i) => (
          <button
            key={i}
            type="button"
            aria-pressed={best === i + 1}
            aria-label={`Effort ${i + 1}`}
            onClick={() => {
              setBest(i + 1);
              tell({ kind: "BEST_EFFORT", value: i + 1 });
            }}
          >
            {i + 1}
          </button>
        ))}
      </fieldset>
    </>
  );
}
