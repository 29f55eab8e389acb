import { expect, it } from "vitest";
import { best, bodyWords, differs, drifts } from "./words";

it("says by how much a plan is not what one is used to", () => {
  expect(differs({ measure: "EFFORTS", now: 2, median: 4 })).toBe("two graded efforts fewer");
  expect(differs({ measure: "WAIT", now: 13, median: 12 })).toBe("one minute of waiting more");
});

it("says how a day drifts from the routine", () => {
  expect(drifts({ measure: "DRILLS", by: 1 })).toBe("one drill more");
  expect(drifts({ measure: "WAIT", by: 6.2 })).toBe("wait 6 min longer");
});

it("tells what went with the best and claims no cause", () => {
  const known = {
    sport: "RUN",
    kind: "INTERVALS",
    efforts: 4,
    sessions: 6,
    from: 2,
    until: 3,
  } as const;
  expect(best(known)).toBe("After four graded efforts the best came on effort 2 to 3");
});

it("says the side that was seen more often", () => {
  const body = {
    moments: 11,
    sooner: 9,
    jacketOff: 430,
    low: 0.7,
    middle: 0.8,
    high: 0.9,
    held: 9,
    hearts: 0,
    heartLag: 40,
    heartLevel: 1,
    steps: [],
  };
  expect(bodyWords(body)).toBe("Jacket off after 7 min, sooner than the usual body 9 times of 11.");
  expect(bodyWords({ ...body, moments: 0 })).toBe("");
});
