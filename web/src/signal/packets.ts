// What sensors send over Bluetooth, read by tables of their fields. From the published services:
// Heart Rate 1.0 (0x180D), Cycling Power 1.1 (0x1818) and Fitness Machine 1.0 (0x1826); the bits
// and widths below are from memory of them. A field is there when its bit says so, fields follow
// one another without gaps, numbers have their lowest byte first.

export interface Field {
  readonly name: string;
  readonly bytes: 1 | 2 | 3 | 4;
  readonly isSigned?: boolean;
  /** The bit of the flags that tells whether it is there; always there without one. */
  readonly bit?: number;
  /** Whether the bit must be set, or must not be. */
  readonly when?: boolean;
  /** Whether it comes as often as bytes are left for it. */
  readonly repeats?: boolean;
}

export interface Table {
  readonly flagBytes: 1 | 2;
  readonly fields: readonly Field[];
}

/** 0x2A37. */
export const HEART_RATE_MEASUREMENT: Table = {
  flagBytes: 1,
  fields: [
    { name: "heartRate", bytes: 1, bit: 0, when: false },
    { name: "heartRate", bytes: 2, bit: 0, when: true },
    { name: "energyExpended", bytes: 2, bit: 3, when: true },
    { name: "beatInterval", bytes: 2, bit: 4, when: true, repeats: true },
  ],
};

/** 0x2A63, as far as the crank; what follows is not read. */
export const CYCLING_POWER_MEASUREMENT: Table = {
  flagBytes: 2,
  fields: [
    { name: "power", bytes: 2, isSigned: true },
    { name: "pedalBalance", bytes: 1, bit: 0, when: true },
    { name: "accumulatedTorque", bytes: 2, bit: 2, when: true },
    { name: "wheelRevolutions", bytes: 4, bit: 4, when: true },
    { name: "wheelEventTime", bytes: 2, bit: 4, when: true },
    { name: "crankRevolutions", bytes: 2, bit: 5, when: true },
    { name: "crankEventTime", bytes: 2, bit: 5, when: true },
  ],
};

/** 0x2AD1; bit 0 is "more data": what it would announce is missing when it is set. */
export const ROWER_DATA: Table = {
  flagBytes: 2,
  fields: [
    { name: "strokeRate", bytes: 1, bit: 0, when: false },
    { name: "strokeCount", bytes: 2, bit: 0, when: false },
    { name: "averageStrokeRate", bytes: 1, bit: 1, when: true },
    { name: "totalDistance", bytes: 3, bit: 2, when: true },
    { name: "pace", bytes: 2, bit: 3, when: true },
    { name: "averagePace", bytes: 2, bit: 4, when: true },
    { name: "power", bytes: 2, isSigned: true, bit: 5, when: true },
    { name: "averagePower", bytes: 2, isSigned: true, bit: 6, when: true },
    { name: "resistanceLevel", bytes: 2, isSigned: true, bit: 7, when: true },
    { name: "totalEnergy", bytes: 2, bit: 8, when: true },
    { name: "energyPerHour", bytes: 2, bit: 8, when: true },
    { name: "energyPerMinute", bytes: 1, bit: 8, when: true },
    { name: "heartRate", bytes: 1, bit: 9, when: true },
  ],
};

/** 0x2AD2, with the same "more data". */
export const INDOOR_BIKE_DATA: Table = {
  flagBytes: 2,
  fields: [
    { name: "speed", bytes: 2, bit: 0, when: false },
    { name: "averageSpeed", bytes: 2, bit: 1, when: true },
    { name: "cadence", bytes: 2, bit: 2, when: true },
    { name: "averageCadence", bytes: 2, bit: 3, when: true },
    { name: "totalDistance", bytes: 3, bit: 4, when: true },
    { name: "resistanceLevel", bytes: 2, isSigned: true, bit: 5, when: true },
    { name: "power", bytes: 2, isSigned: true, bit: 6, when: true },
    { name: "averagePower", bytes: 2, isSigned: true, bit: 7, when: true },
    { name: "totalEnergy", bytes: 2, bit: 8, when: true },
    { name: "energyPerHour", bytes: 2, bit: 8, when: true },
    { name: "energyPerMinute", bytes: 1, bit: 8, when: true },
    { name: "heartRate", bytes: 1, bit: 9, when: true },
  ],
};

/** The fields of a packet as they are sent; undefined for one that is cut off. */
export function fieldsOf(table: Table, packet: DataView): Map<string, number> | undefined {
  if (packet.byteLength < table.flagBytes) return undefined;
  const flags = number(packet, 0, table.flagBytes, false);
  const fields = new Map<string, number>();
  let at = table.flagBytes;
  for (const field of table.fields) {
    const isThere = field.bit === undefined || ((flags >> field.bit) & 1) === Number(field.when);
    if (!isThere) continue;
    if (packet.byteLength < at + field.bytes) return undefined;
    do {
      fields.set(field.name, number(packet, at, field.bytes, field.isSigned === true));
      at += field.bytes;
    } while (field.repeats && packet.byteLength >= at + field.bytes);
  }
  return fields;
}

function number(packet: DataView, at: number, bytes: number, isSigned: boolean): number {
  let value = 0;
  for (let i = bytes - 1; i >= 0; i--) value = value * 256 + packet.getUint8(at + i);
  return isSigned && value >= 2 ** (8 * bytes - 1) ? value - 2 ** (8 * bytes) : value;
}
