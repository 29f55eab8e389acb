// What a sensor says at a time, in the units that coaches use.
import {
  CYCLING_POWER_MEASUREMENT,
  fieldsOf,
  HEART_RATE_MEASUREMENT,
  INDOOR_BIKE_DATA,
  ROWER_DATA,
} from "./packets";

export interface Reading {
  /** beats/min. */
  heartRate?: number;
  /** W. */
  power?: number;
  /** Strokes or turns of the crank a minute. */
  cadence?: number;
  /** s over 500 m. */
  split?: number;
  /** m/s, on foot and in water. */
  speed?: number;
}

/** Reads one characteristic's packets; some figures need two of them. */
export type Reader = (packet: DataView) => Reading | undefined;

export function heartRateReader(): Reader {
  return (packet) => {
    const heartRate = fieldsOf(HEART_RATE_MEASUREMENT, packet)?.get("heartRate");
    return heartRate === undefined ? undefined : { heartRate };
  };
}

/** A crank that stands still sends no new event; after so long it stands, in 1/1024 s. */
const STANDS = 3 * 1024;

/** Counts turns of the crank between packets; both of its counters begin anew after 65,535. */
export function cyclingPowerReader(): Reader {
  let last: { turns: number; time: number } | undefined;
  return (packet) => {
    const fields = fieldsOf(CYCLING_POWER_MEASUREMENT, packet);
    const power = fields?.get("power");
    if (!fields || power === undefined) return undefined;
    const turns = fields.get("crankRevolutions");
    const time = fields.get("crankEventTime");
    if (turns === undefined || time === undefined) return { power };
    const before = last;
    last = { turns, time };
    if (!before) return { power };
    const passed = (time - before.time + 65_536) % 65_536;
    const made = (turns - before.turns + 65_536) % 65_536;
    if (passed === 0 || passed > STANDS) return { power };
    return { power, cadence: (60 * 1024 * made) / passed };
  };
}

export function rowerReader(): Reader {
  return (packet) => {
    const fields = fieldsOf(ROWER_DATA, packet);
    if (!fields) return undefined;
    return present({
      cadence: halved(fields.get("strokeRate")),
      split: fields.get("pace"),
      power: fields.get("power"),
      heartRate: beating(fields.get("heartRate")),
    });
  };
}

export function bikeReader(): Reader {
  return (packet) => {
    const fields = fieldsOf(INDOOR_BIKE_DATA, packet);
    if (!fields) return undefined;
    return present({
      cadence: halved(fields.get("cadence")),
      power: fields.get("power"),
      heartRate: beating(fields.get("heartRate")),
    });
  };
}

/** Rates come in halves. */
function halved(value: number | undefined): number | undefined {
  return value === undefined ? undefined : value / 2;
}

/** A machine without a strap says 0. */
function beating(value: number | undefined): number | undefined {
  return value === 0 ? undefined : value;
}

type Found = Partial<Record<keyof Reading, number | undefined>>;

function present(reading: Found): Reading {
  const there: Reading = {};
  for (const [name, value] of Object.entries(reading) as [keyof Reading, number | undefined][]) {
    if (value !== undefined) there[name] = value;
  }
  return there;
}
