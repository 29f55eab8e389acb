import { describe, expect, it } from "vitest";
import { Strap } from "./heart";
import { NO_FAULTS, SimulatedAthlete, SOMEBODY, USUAL_FAULTS } from "./simulated";

const EASY = { effort: 55, power: undefined, rate: undefined, speed: undefined };
const goal = SOMEBODY.resting + 0.55 * (SOMEBODY.highest - SOMEBODY.resting);

describe("a strap", () => {
  it("that drops out and counts twice misleads nobody, over a thousand raises", () => {
    for (let seed = 1; seed <= 1000; seed++) {
      const faulty = { ...USUAL_FAULTS, doubles: 0.5, dropOuts: 0.5 };
      const athlete = new SimulatedAthlete("RUN", SOMEBODY, faulty, seed);
      const perfect = new SimulatedAthlete("RUN", SOMEBODY, NO_FAULTS, seed);
      const strap = new Strap();
      for (let s = 0; s < 600; s++) {
        const read = athlete.second(EASY)?.heartRate;
        const truth = perfect.second(EASY)?.heartRate ?? 0;
        if (read !== undefined) strap.take(s, read);
        const shown = strap.at(s);
        // The first reading is believed by itself; a double one right then is put right soon.
        if (shown !== undefined && s > 45)
          expect(Math.abs(shown - truth), `${seed} at ${s}: ${shown} for ${truth}`).toBeLessThan(
            10,
          );
      }
    }
  });

  it("that was wrong from its first beat is found out", () => {
    const strap = new Strap();
    for (let s = 0; s < 6; s++) strap.take(s, 140);
    for (let s = 6; s < 40; s++) strap.take(s, 70);
    expect(strap.at(39)).toBe(70);
    expect(strap.take(40, 0)).toBe(false);
    expect(strap.at(60)).toBeUndefined();
  });
});

describe("a heart", () => {
  it("has settled once it is in its range and no longer rises, and not before", () => {
    const athlete = new SimulatedAthlete("RUN", SOMEBODY, NO_FAULTS);
    const strap = new Strap();
    let settled: number | undefined;
    for (let s = 0; s < 400; s++) {
      strap.take(s, athlete.second(EASY)?.heartRate ?? 0);
      if (strap.isSettled(s, goal - 6, goal + 6)) settled ??= s;
    }
    // It rises by 28 s' steps: within six beats after some 65 s, and then it must stay.
    expect(settled).toBeGreaterThan(85);
    expect(settled).toBeLessThan(140);
    expect(strap.isSettled(399, goal + 20, goal + 40)).toBe(false);
  });
});
