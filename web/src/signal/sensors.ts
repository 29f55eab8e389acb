// Sensors as the player sees them: real ones over Bluetooth, and made-up ones, behind one interface.
import {
  bikeReader,
  cyclingPowerReader,
  heartRateReader,
  rowerReader,
  type Reader,
  type Reading,
} from "./reading";
import type { Asked, SimulatedAthlete } from "./simulated";

export type SensorState = "ON" | "LOST";

export interface Sensor {
  readonly name: string;
  /** Whether what it says is made up: shown, and kept nowhere. */
  readonly isMadeUp: boolean;
  start(onReading: (reading: Reading) => void, onState: (state: SensorState) => void): void;
  stop(): void;
}

export type SensorKind = "HEART" | "POWER" | "ROWER" | "BIKE";

interface Kind {
  words: string;
  service: number;
  characteristic: number;
  reader: () => Reader;
}

/** Assigned numbers of the Bluetooth SIG. */
export const KINDS: Record<SensorKind, Kind> = {
  HEART: {
    words: "Heart-rate strap",
    service: 0x180d,
    characteristic: 0x2a37,
    reader: heartRateReader,
  },
  POWER: {
    words: "Power meter",
    service: 0x1818,
    characteristic: 0x2a63,
    reader: cyclingPowerReader,
  },
  ROWER: {
    words: "Rowing machine",
    service: 0x1826,
    characteristic: 0x2ad1,
    reader: rowerReader,
  },
  BIKE: {
    words: "Indoor bike",
    service: 0x1826,
    characteristic: 0x2ad2,
    reader: bikeReader,
  },
};

/** A sensor that went away is looked for again after so long, ms. */
const AGAIN = 3000;

export const hasBluetooth = (): boolean => "bluetooth" in navigator;

/**
 * Lets the athlete choose a sensor; must be called from a touch.
 *
 * @returns nothing where none was chosen
 * @throws Error in plain words where it is not allowed
 */
export async function choose(kind: SensorKind): Promise<Sensor | undefined> {
  const { service, words } = KINDS[kind];
  try {
    const device = await navigator.bluetooth.requestDevice({ filters: [{ services: [service] }] });
    return new BluetoothSensor(device, kind, words);
  } catch (error) {
    if (error instanceof DOMException && error.name === "NotFoundError") return undefined;
    throw new Error("Bluetooth is not allowed here, or is switched off.", { cause: error });
  }
}

class BluetoothSensor implements Sensor {
  readonly isMadeUp = false;
  private isStopped = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  readonly name: string;

  constructor(
    private readonly device: BluetoothDevice,
    private readonly kind: SensorKind,
    words: string,
  ) {
    this.name = device.name ?? words;
  }

  start(onReading: (reading: Reading) => void, onState: (state: SensorState) => void): void {
    const connect = async () => {
      try {
        await this.listen(onReading);
        onState("ON");
      } catch {
        onState("LOST");
        if (!this.isStopped) this.timer = setTimeout(() => void connect(), AGAIN);
      }
    };
    this.device.addEventListener("gattserverdisconnected", () => {
      onState("LOST");
      if (!this.isStopped) this.timer = setTimeout(() => void connect(), AGAIN);
    });
    void connect();
  }

  stop(): void {
    this.isStopped = true;
    clearTimeout(this.timer);
    this.device.gatt?.disconnect();
  }

  private async listen(onReading: (reading: Reading) => void): Promise<void> {
    const { service, characteristic, reader } = KINDS[this.kind];
    const server = await this.device.gatt?.connect();
    const source = await (
      await server?.getPrimaryService(service)
    )?.getCharacteristic(characteristic);
    if (!source) throw new Error("the sensor does not have what it says");
    const read = reader();
    source.addEventListener("characteristicvaluechanged", () => {
      const reading = source.value && read(source.value);
      if (reading) onReading(reading);
    });
    await source.startNotifications();
  }
}

/** A made-up athlete's own. */
export class SimulatedSensor implements Sensor {
  readonly name = "Made-up sensors";
  readonly isMadeUp = true;
  private timer: ReturnType<typeof setInterval> | undefined;

  constructor(
    private readonly athlete: SimulatedAthlete,
    private readonly asked: () => Asked,
  ) {}

  start(onReading: (reading: Reading) => void, onState: (state: SensorState) => void): void {
    onState("ON");
    this.timer = setInterval(() => {
      const reading = this.athlete.second(this.asked());
      if (reading) onReading(reading);
    }, 1000);
  }

  stop(): void {
    clearInterval(this.timer);
  }
}
