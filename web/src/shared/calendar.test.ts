import { describe, expect, it } from "vitest";
import { readDate, readTime, sayDate, sayTime } from "./calendar";

describe("a time of day", () => {
  it("is read as it is said, every minute of the day, in both ways", () => {
    for (let minute = 0; minute < 1440; minute++) {
      const pad = (n: number) => String(n).padStart(2, "0");
      const time = `${pad(Math.floor(minute / 60))}:${pad(minute % 60)}`;
      expect(readTime(sayTime(time, "H24"))).toBe(time);
      expect(readTime(sayTime(time, "H12"))).toBe(time);
    }
  });

  it.each([
    ["12:00 am", "00:00"],
    ["12:30 pm", "12:30"],
    ["5pm", "17:00"],
    ["5.30 PM", "17:30"],
    ["1730", "17:30"],
    ["6:05 a.m.", "06:05"],
    ["17h30", "17:30"],
  ])("%s is %s", (typed, time) => {
    expect(readTime(typed)).toBe(time);
  });

  it.each(["", "24:00", "13 pm", "0:30 am", "7:60", "seven", "17", "12345", "-1:30"])(
    "%s is none",
    (typed) => {
      expect(readTime(typed)).toBeUndefined();
    },
  );

  it("says midnight and noon as people do", () => {
    expect(sayTime("00:05", "H12")).toBe("12:05 am");
    expect(sayTime("12:00", "H12")).toBe("12:00 pm");
    expect(sayTime("17:30:15", "H12")).toBe("5:30:15 pm");
  });
});

describe("a day", () => {
  it("is read as it is said, every day of leap years and others", () => {
    for (let at = Date.UTC(2026, 0, 1); at < Date.UTC(2029, 0, 1); at += 86_400_000) {
      const date = new Date(at).toISOString().slice(0, 10);
      expect(readDate(sayDate(date))).toBe(date);
    }
  });

  it.each([
    ["7 Dec 2026", "2026-12-07"],
    ["Monday, 7 December 2026", "2026-12-07"],
    ["7.12.2026", "2026-12-07"],
    ["07/12/2026", "2026-12-07"],
    ["29 feb 2028", "2028-02-29"],
    ["3 Sept 2027", "2027-09-03"],
  ])("%s is %s", (typed, date) => {
    expect(readDate(typed)).toBe(date);
  });

  it.each(["", "29 feb 2027", "31.4.2026", "7 Foo 2026", "2026-13-01", "tomorrow"])(
    "%s is none",
    (typed) => {
      expect(readDate(typed)).toBeUndefined();
    },
  );
});
