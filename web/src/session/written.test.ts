import { expect, test } from "vitest";
import { bars, lineText, marked, minuteMarks, recoveryText, sessionText, oneLine } from "./written";

const line = { times: 6, length: "1000 m", how: "@ 5 km pace", recovery: "/ 90 s jog", lines: [] };

test("a line reads as it is written on the whiteboard", () => {
  expect(lineText(line)).toBe("6 x 1000 m @ 5 km pace / 90 s jog");
  expect(lineText({ ...line, times: 1, how: "", recovery: "" })).toBe("1000 m");
});

test("a bracket holds its lines", () => {
  const set = { times: 3, length: "", how: "", recovery: "/ 4 min rest", lines: [line, line] };
  expect(sessionText("hills", [set, { ...line, times: 1, recovery: "" }])).toBe(
    "hills: 3 x (6 x 1000 m @ 5 km pace / 90 s jog; 6 x 1000 m @ 5 km pace / 90 s jog)" +
      " / 4 min rest; 1000 m @ 5 km pace",
  );
});

test("a recovery needs no sign", () => {
  expect(recoveryText("90 s jog")).toBe("/ 90 s jog");
  expect(recoveryText("on 1:30")).toBe("on 1:30");
  expect(recoveryText(" ")).toBe("");
});

test("the faulty part is cut out", () => {
  expect(marked("6 x 1000 fsat", { from: 9, to: 13, what: "", suggestion: "" })).toEqual({
    before: "6 x 1000 ",
    faulty: "fsat",
    after: "",
  });
});

test("bars fill the picture from the start on", () => {
  const drawn = bars([
    { seconds: 30, effort: 80, isRest: false, words: "" },
    { seconds: 90, effort: 4, isRest: true, words: "" },
  ]);
  expect(drawn.map((b) => [b.from, b.width])).toEqual([
    [0, 0.25],
    [0.25, 0.75],
  ]);
});

test("several lines that are pasted stay parts", () => {
  expect(oneLine("15 min easy\r\n\n 6 x 400 / 60 s \n10 min easy\n")).toBe(
    "15 min easy; 6 x 400 / 60 s; 10 min easy",
  );
});

test("marks stay few", () => {
  expect(minuteMarks(36 * 60)).toEqual([5, 10, 15, 20, 25, 30]);
  expect(minuteMarks(8 * 60)).toEqual([1, 2, 3, 4, 5, 6]);
  expect(minuteMarks(0)).toEqual([]);
  expect(minuteMarks(4 * 3600).length).toBeLessThanOrEqual(8);
});
