import { expect, it } from "vitest";
import type { QuestionView } from "../api/types";
import { answerWords, asked } from "./words";

const QUESTION = {
  kind: "INTERVALS",
  first: 4,
  second: 2,
  measure: "BEST_EFFORT",
} as QuestionView;

const ANSWER = {
  pairs: 8,
  mean: -2.5,
  low: -3.3,
  high: -1.5,
  sure: 0.953,
  surprise: 0.0156,
  isFound: true,
  isFirstBetter: true,
};

it("says which way, by how much and how often chance does as much", () => {
  expect(asked(QUESTION)).toBe("Four or two graded efforts before intervals?");
  expect(answerWords(QUESTION, ANSWER)).toBe(
    "With four it was 2.5 efforts sooner than with two, between 1.5 and 3.3 with 95 %, " +
      "in 8 pairs. Chance alone differs as much in 1.6 % of such trials.",
  );
});

it("calls nothing a difference that chance often makes", () => {
  const words = answerWords(QUESTION, {
    ...ANSWER,
    mean: -0.6,
    low: -1.5,
    high: 0.5,
    surprise: 0.31,
    isFound: false,
  });
  expect(words).toContain("No difference was found in 8 pairs");
  expect(words).toContain("from 1.5 sooner to 0.5 later");
});
