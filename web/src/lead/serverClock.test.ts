import { describe, expect, it } from "vitest";
import { seeded } from "../signal/simulated";
import { ServerClock } from "./serverClock";

/** A device with a clock of its own, asking over a line with delays of its own each way. */
function device(seed: number, delay: (next: () => number) => number, questions: number) {
  const next = seeded(seed);
  const ahead = (next() - 0.5) * 3_600_000;
  const rate = 1 + (next() - 0.5) * 1e-4;
  const own = (real: number) => ahead + real * rate;
  const clock = new ServerClock();
  let real = 0;
  for (let i = 0; i < questions; i++) {
    const there = delay(next);
    const back = delay(next);
    const server = Math.round(real + there);
    clock.take({ sent: own(real), server, received: own(real + there + back) });
    real += there + back + 20;
  }
  return { clock, own, real };
}

describe("the server's clock", () => {
  it("is never further away than it says, however the line behaves", () => {
    for (let seed = 1; seed <= 2000; seed++) {
      const slow = (next: () => number) => 1 + 400 * next() ** 3;
      const { clock, own, real } = device(seed, slow, 1 + (seed % 12));
      const error = Math.abs(own(real) + clock.offset - real);
      // The server tells whole milliseconds.
      expect(error).toBeLessThanOrEqual(clock.within(own(real)) + 1);
    }
  });

  it("is agreed on within 50 ms after eight questions over a line with 5 to 300 ms each way", () => {
    const jittery = (next: () => number) => 5 + 295 * next() ** 2;
    const apart: number[] = [];
    for (let seed = 1; seed <= 500; seed++) {
      const errors = [1, 2, 3].map((n) => {
        const { clock, own, real } = device(seed * 7 + n, jittery, 8);
        return own(real) + clock.offset - real;
      });
      apart.push(Math.max(...errors) - Math.min(...errors));
    }
    apart.sort((a, b) => a - b);
    expect(apart[Math.floor(0.95 * apart.length)]).toBeLessThan(100);
    expect(apart[Math.floor(0.5 * apart.length)]).toBeLessThan(50);
  });

  it("is asked anew as it ages: an old answer gives way to one that is a little slower", () => {
    const clock = new ServerClock();
    clock.take({ sent: 0, server: 5, received: 10 });
    clock.take({ sent: 1000, server: 1020, received: 1040 });
    expect(clock.offset).toBe(0);
    clock.take({ sent: 600_000, server: 600_500, received: 600_060 });
    expect(clock.offset).toBe(470);
  });
});
