import { describe, expect, it } from "vitest";
import type { Target } from "../api/types";
import { clock, exactClock, figures, parseClock, say } from "./units";

const target = (metric: Target["metric"], value: number): Target => ({
  metric,
  value,
  perceivedExertion: 3,
  percentOfTop: 50,
  gradient: 0,
  heartLow: 0,
  heartHigh: 0,
  ratePerMinute: 0,
  spread: 0,
});

describe("figures", () => {
  // Flywheel maker's published relation: 202.5 W is 2:00 per 500 m.
  it("gives a rower watts and the split that belongs to them", () => {
    expect(figures({ ...target("SPLIT", 202.5), splitSeconds: 120 })).toEqual({
      main: "203",
      unit: "W",
      more: ["2:00 /500 m"],
    });
  });

  // 1000 m in 5:00 is 3.333 m/s; 100 m at 1.053 m/s is 1:35 (Wakayoshi et al. 1992 example).
  it("gives runners and swimmers a pace", () => {
    expect(figures(target("PACE", 1000 / 300)).main).toBe("5:00");
    expect(figures(target("SWIM_PACE", 1.0526)).main).toBe("1:35");
  });

  // 1 mile is 1609.344 m, 1 yd is 0.9144 m, exactly; 4:00 /km is 6:26 /mile.
  it("speaks miles and yards to those who pace by them", () => {
    const mile = figures(target("PACE", 1000 / 240), true);
    expect([mile.main, mile.unit]).toEqual(["6:26", "/mile"]);
    expect(figures(target("SWIM_PACE", 1.0526), true).main).toBe("1:27");
  });

  // 5 m/s is 18 km/h; a mile is 1.609344 km.
  it("sets a treadmill by speed and gradient", () => {
    const belt = { ...target("TREADMILL", 5), gradient: 8 };
    expect(figures(belt)).toEqual({ main: "18.0", unit: "km/h", more: ["8 % gradient"] });
    expect(figures(belt, true).main).toBe("11.2");
  });

  it("gives a sprint as a share of the top, and easy work by its effort", () => {
    const sprint = { ...target("FEEL", 0), percentOfTop: 85, perceivedExertion: 8.5 };
    expect(figures(sprint)).toEqual({ main: "85", unit: "% of top", more: ["effort 9 of 10"] });
    const measured = { ...target("PACE", 1000 / 133), percentOfTop: 97 };
    expect(figures(measured)).toEqual({ main: "2:13", unit: "/km", more: ["97 % of top"] });
    expect(figures({ ...target("FEEL", 0), percentOfTop: 40 }).unit).toBe("of 10 effort");
    const jog = { ...target("FEEL", 0), percentOfTop: 71, heartLow: 150, heartHigh: 160 };
    expect(figures(jog).main).toBe("3");
  });

  it("says how unsure it is only where that is worth knowing", () => {
    const pace = { ...target("PACE", 1000 / 240), spread: 0.05 };
    expect(figures(pace).more).toContain("± 12 s");
    expect(figures({ ...pace, spread: 0.02 }).more).toEqual([]);
  });
});

describe("clock", () => {
  it("reads back what it writes", () => {
    for (const seconds of [0, 5, 59, 60, 95, 599, 3599, 3600, 4805]) {
      expect(parseClock(clock(seconds))).toBe(seconds);
    }
  });

  it("does not guess", () => {
    for (const text of ["", "seven", "7:", ":30", "1:2:3:4", "-5"]) {
      expect(parseClock(text)).toBeUndefined();
    }
  });
});

describe("exactClock", () => {
  it("keeps a time to the hundredth, as it was entered", () => {
    for (let hundredths = 1; hundredths < 800_000; hundredths += 37) {
      const seconds = hundredths / 100;
      expect(parseClock(exactClock(seconds))).toBeCloseTo(seconds, 6);
    }
    expect(exactClock(12.04)).toBe("0:12.04");
    expect(exactClock(362)).toBe("6:02");
  });
});

describe("say", () => {
  // 1 mile = 1609.344 m and 1 yd = 0.9144 m, exactly.
  it("puts figures into words in the measures that are wanted", () => {
    const phrase = {
      text: "Critical speed {0}, in water {1}; 2 × {2} and back",
      figures: [
        { kind: "RUN_SPEED" as const, value: 1000 / 240 },
        { kind: "SWIM_SPEED" as const, value: 1 },
        { kind: "LENGTH" as const, value: 18.288 },
      ],
    };
    expect(say(phrase, true)).toBe(
      "Critical speed 6:26 /mile, in water 1:31 /100 yd; 2 × 20 yd and back",
    );
    expect(say(phrase, false)).toBe(
      "Critical speed 4:00 /km, in water 1:40 /100 m; 2 × 18 m and back",
    );
  });
});
