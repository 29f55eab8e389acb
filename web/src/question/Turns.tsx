import type { QuestionView } from "../api/types";
import { dayAndMonth } from "../shared/dates";
import css from "./question.module.css";

/** The turns in their pairs: what was taken with its number, what is to come closed. */
export function Turns({ question: q }: { question: QuestionView }) {
  const pairs = Array.from({ length: q.pairs }, (_, i) => i);
  return (
    <div className={css.wrap}>
      <ol className={css.turns} aria-label="Turns">
        {pairs.map((pair) => (
          <li key={pair}>
            <Turn question={q} number={2 * pair + 1} />
            <Turn question={q} number={2 * pair + 2} />
          </li>
        ))}
      </ol>
    </div>
  );
}

function Turn({ question: q, number }: { question: QuestionView; number: number }) {
  const taken = q.taken.find((t) => t.number === number);
  if (!taken) {
    return (
      <span data-ahead="" aria-label={`turn ${number}, not drawn yet`}>
        ·
      </span>
    );
  }
  const isLess = taken.efforts === Math.min(q.first, q.second);
  const came = taken.value == null ? "" : `: ${taken.value}`;
  return (
    <span
      data-less={isLess ? "" : undefined}
      title={`${dayAndMonth(taken.day)}${came}`}
      aria-label={`turn ${number}: ${taken.efforts} graded efforts${came}`}
    >
      {taken.efforts}
    </span>
  );
}
