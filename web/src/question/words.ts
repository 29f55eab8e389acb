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
  const unit = UNITS[q.measure];
  const mean = `${plain(Math.abs(a.mean), a)} ${unit} ${WAYS[q.measure].better}`;
  const chance = `Chance alone differs as much in ${percent(a.surprise)} of such trials`;
  const most = Math.max(Math.abs(a.low), Math.abs(a.high));
  const least = Math.min(Math.abs(a.low), Math.abs(a.high));
  if (!a.isFound) {
    // The longer end is on the side of the mean.
    return (
      `No difference was found in ${a.pairs} pairs: with ${count(better)} ${mean} on average, ` +
      `anything from ${plain(most, a)} ${WAYS[q.measure].better} to ${plain(least, a)} ` +
      `${a.low < 0 && a.high > 0 ? WAYS[q.measure].worse : WAYS[q.measure].better} ` +
      `with ${percent(a.sure)}. ${chance}.`
    );
  }
  return (
    `With ${count(better)} it was ${mean} than with ${count(other)}, between ${plain(least, a)} ` +
    `and ${plain(most, a)} with ${percent(a.sure)}, in ${a.pairs} pairs. ${chance}.`
  );
}

const WAYS: Record<QuestionInput["measure"], { better: string; worse: string }> = {
  FELT: { better: "more", worse: "less" },
  BEST_EFFORT: { better: "sooner", worse: "later" },
  SECONDS: { better: "less", worse: "more" },
  OUTPUT: { better: "more", worse: "less" },
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
