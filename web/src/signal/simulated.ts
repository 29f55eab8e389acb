// Sensors that are not there: a made-up athlete who does as the plan says, and sensors on them with
// the faults that real ones have. To try everything out without a strap.
import type { Sport } from "../api/types";
import type { Reading } from "./reading";

/** What the plan asks at a time. */
export interface Asked {
  /** 0 to 100. */
  effort: number;
  /** W, where it is by power. */
  power: number | undefined;
  /** Strokes or turns a minute. */
  rate: number | undefined;
  /** m/s, where it is by pace. */
  speed: number | undefined;
}

export interface Body {
  resting: number;
  highest: number;
  /** Seconds in which the heart goes most of the way up, and down. */
  rises: number;
  falls: number;
  /** beats/min a minute of work by which it creeps up. */
  drift: number;
}

export const SOMEBODY: Body = { resting: 54, highest: 188, rises: 28, falls: 55, drift: 0.25 };

export interface Faults {
  /** Of what is read, one standard deviation. */
  noise: number;
  /** How often a minute nothing comes, and how long, s. */
  dropOuts: number;
  dropOutSeconds: number;
  /** How often a minute a strap counts each beat twice, and how long, s. */
  doubles: number;
  doubleSeconds: number;
}

export const USUAL_FAULTS: Faults = {
  noise: 1.2,
  dropOuts: 0.1,
  dropOutSeconds: 7,
  doubles: 0.06,
  doubleSeconds: 5,
};

export const NO_FAULTS: Faults = {
  noise: 0,
  dropOuts: 0,
  dropOutSeconds: 0,
  doubles: 0,
  doubleSeconds: 0,
};

/** Numbers from 0 to 1, the same for the same seed (mulberry32, from memory). */
export function seeded(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** An athlete with a strap, and where the sport has one a power meter or a machine's monitor. */
export class SimulatedAthlete {
  private heart: number;
  private worked = 0;
  private quiet = 0;
  private doubled = 0;
  private readonly next: () => number;

  constructor(
    private readonly sport: Sport,
    private readonly body = SOMEBODY,
    private readonly faults = USUAL_FAULTS,
    seed = 1,
  ) {
    this.heart = body.resting + 12;
    this.next = seeded(seed);
  }

  /** One second on; nothing where the sensor fails. */
  second(asked: Asked): Reading | undefined {
    const { resting, highest, rises, falls, drift } = this.body;
    if (asked.effort >= 30) this.worked += 1;
    const creep = (drift * this.worked) / 60;
    const goal = resting + ((highest - resting) * asked.effort) / 100 + creep;
    this.heart += (goal - this.heart) / (goal > this.heart ? rises : falls);
    const { dropOuts, dropOutSeconds, doubles, doubleSeconds } = this.faults;
    this.quiet = this.quiet > 0 ? this.quiet - 1 : this.begins(dropOuts, dropOutSeconds);
    this.doubled = this.doubled > 0 ? this.doubled - 1 : this.begins(doubles, doubleSeconds);
    if (this.quiet > 0) return undefined;
    const beats = this.heart + this.faults.noise * this.bell();
    const reading: Reading = { heartRate: Math.round(this.doubled > 0 ? 2 * beats : beats) };
    if (asked.power !== undefined && (this.sport === "RIDE" || this.sport === "ROW")) {
      reading.power = Math.max(0, Math.round(asked.power * (1 + 0.04 * this.bell())));
      if (this.sport === "ROW" && reading.power > 0) {
        // P = 2.80 / (pace per metre)^3, the monitor's own.
        reading.split = 500 * Math.cbrt(2.8 / reading.power);
      }
    }
    if (asked.speed !== undefined) {
      reading.speed = Math.max(0, asked.speed * (1 + 0.02 * this.bell()));
    }
    if (asked.rate !== undefined) {
      reading.cadence = Math.round(2 * (asked.rate + 0.7 * this.bell())) / 2;
    }
    return reading;
  }

  private begins(aMinute: number, seconds: number): number {
    return this.next() < aMinute / 60 ? seconds : 0;
  }

  /** About normal, mean 0 and deviation 1: twelve even numbers less six. */
  private bell(): number {
    let sum = -6;
    for (let i = 0; i < 12; i++) sum += this.next();
    return sum;
  }
}
