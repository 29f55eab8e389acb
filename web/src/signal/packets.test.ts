import { describe, expect, it } from "vitest";
import {
  CYCLING_POWER_MEASUREMENT,
  fieldsOf,
  HEART_RATE_MEASUREMENT,
  INDOOR_BIKE_DATA,
  ROWER_DATA,
  type Table,
} from "./packets";
import { bikeReader, cyclingPowerReader, heartRateReader, rowerReader } from "./reading";

const packet = (...bytes: number[]) => new DataView(new Uint8Array(bytes).buffer);

// Written out by hand from the layout of the services.
describe("a packet of a sensor", () => {
  it("tells a heart rate in one byte or two, with what may follow", () => {
    const read = heartRateReader();
    expect(read(packet(0x00, 72))).toEqual({ heartRate: 72 });
    expect(read(packet(0x16, 148, 0x00, 0x02, 0xfb, 0x01))).toEqual({ heartRate: 148 });
    expect(read(packet(0x01, 0x2c, 0x01))).toEqual({ heartRate: 300 });
    expect(read(packet(0x0e, 91, 0x10, 0x00))).toEqual({ heartRate: 91 });
  });

  it("tells power below 0, and the cadence from two packets, past the end of the counters", () => {
    const read = cyclingPowerReader();
    expect(read(packet(0x00, 0x00, 0xf4, 0x01))).toEqual({ power: 500 });
    expect(read(packet(0x00, 0x00, 0xff, 0xff))).toEqual({ power: -1 });
    // 65,535 turns at 65,000/1024 s, then two turns 1,365/1024 s later: 2 in 1.333 s are 90 a min.
    expect(read(packet(0x20, 0x00, 0xc8, 0x00, 0xff, 0xff, 0xe8, 0xfd))).toEqual({ power: 200 });
    const next = read(packet(0x20, 0x00, 0xc8, 0x00, 0x01, 0x00, 0x3d, 0x03));
    expect(next?.cadence).toBeCloseTo(90, 1);
    // The same event again: the crank stands.
    expect(read(packet(0x20, 0x00, 0x0a, 0x00, 0x01, 0x00, 0x3d, 0x03))).toEqual({ power: 10 });
  });

  it("tells a rower's rate, split and power", () => {
    const read = rowerReader();
    // Rate 22.5, 40 strokes, 250 m, 2:05 a 500 m, 179 W.
    expect(read(packet(0x2c, 0x00, 45, 40, 0, 250, 0, 0, 125, 0, 179, 0))).toEqual({
      cadence: 22.5,
      split: 125,
      power: 179,
    });
    expect(read(packet(0x01, 0x02, 131))).toEqual({ heartRate: 131 });
  });

  it("tells a bike's cadence and power", () => {
    // 27.5 km/h, 88.5 a min, 210 W.
    expect(bikeReader()(packet(0x44, 0x00, 0xbe, 0x0a, 177, 0, 210, 0))).toEqual({
      cadence: 88.5,
      power: 210,
    });
  });

  const tables: [string, Table][] = [
    ["heart rate", HEART_RATE_MEASUREMENT],
    ["power", CYCLING_POWER_MEASUREMENT],
    ["rower", ROWER_DATA],
    ["bike", INDOOR_BIKE_DATA],
  ];

  it.each(tables)("of %s is read whole or not at all, whatever its flags", (_, table) => {
    for (let flags = 0; flags < 2 ** Math.min(10, 8 * table.flagBytes); flags++) {
      const there = table.fields.filter(
        (f) => f.bit === undefined || ((flags >> f.bit) & 1) === Number(f.when),
      );
      const length = table.flagBytes + there.reduce((sum, f) => sum + f.bytes, 0);
      const bytes = Array.from({ length }, (_, i) => (i * 37 + 11) % 256);
      bytes[0] = flags & 0xff;
      if (table.flagBytes === 2) bytes[1] = flags >> 8;
      const read = fieldsOf(table, packet(...bytes));
      expect([...(read?.keys() ?? [])]).toEqual([...new Set(there.map((f) => f.name))]);
      if (length > table.flagBytes) {
        expect(fieldsOf(table, packet(...bytes.slice(0, -1)))).toBeUndefined();
      }
    }
    expect(fieldsOf(table, packet())).toBeUndefined();
  });
});
