// Questions and their answers in words. What went with what, never what made it.
import type { QuestionInput, QuestionView } from "../api/types";
import { count } from "../learning/words";
import { KINDS } from "../shared/words";

type Answer = NonNullable<QuestionView["answer"]>;

export const MEASURED: Record<QuestionInput["measure"], string> = {
  FELT: "how ready it felt",
  BEST_EFFORT: "which effort was best",
  SECONDS: "time of the efforts",
  OUTPUT: "power or speed of the efforts",
};

const UNITS: Record<QuestionInput["measure"], string> = {
  FELT: "of 5",
  BEST_EFFORT: "efforts",
  SECONDS: "s",
  OUTPUT: "W or m/s",
};

export function asked(q: QuestionView): string {
  const kind = KINDS[q.kind].toLowerCase();
  return `${capital(count(q.first))} or ${count(q.second)} graded efforts before ${kind}?`;
}

/** What came out, how sure, and how often chance alone does it. */
export function answerWords(q: QuestionView, a: Answer): string {
  const better = a.isFirstBetter ? q.first : q.second;
  const other = a.isFirstBetter ? q.second : q.first;
  const between = `${plain(Math.min(Math.abs(a.low), Math.abs(a.high)), a)} to ${plain(Math.max(Math.abs(a.low), Math.abs(a.high)), a)}`;
  const crosses = a.low < 0 && a.high > 0;
  const range = crosses ? `from ${plain(a.low, a)} to ${plain(a.high, a)}` : `between ${between}`;
  const chance = `Chance alone differs as much in ${percent(a.surprise)} of such trials`;
  if (!a.isFound) {
    return (
      `No difference was found in ${a.pairs} pairs: ${plain(a.mean, a)} ${UNITS[q.measure]} ` +
      `on average, ${range} with ${percent(a.sure)}. ${chance}.`
    );
  }
  const way = SOONER[q.measure];
  return (
    `With ${count(better)} it was ${plain(Math.abs(a.mean), a)} ${UNITS[q.measure]} ${way} than ` +
    `with ${count(other)}, ${range} with ${percent(a.sure)}, in ${a.pairs} pairs. ${chance}.`
  );
}

const SOONER: Record<QuestionInput["measure"], string> = {
  FELT: "more",
  BEST_EFFORT: "sooner",
  SECONDS: "less",
  OUTPUT: "more",
};

function plain(figure: number, a: Answer): string {
  const digits = Math.max(Math.abs(a.low), Math.abs(a.high)) >= 20 ? 0 : 1;
  return figure.toFixed(digits).replace("-", "−");
}

function percent(share: number): string {
  const p = 100 * share;
  return p > 99.5 ? "over 99 %" : `${p < 10 ? Number(p.toFixed(1)) : Math.round(p)} %`;
}

function capital(word: string): string {
  return `${word[0]?.toUpperCase() ?? ""}${word.slice(1)}`;
}
