// Sensors that an athlete has put on, what they say now, and what of it is told.
import { useCallback, useEffect, useRef, useState } from "react";
import type { FollowItem, HeartRange, HeartView, SignalInput, Sport } from "../api/types";
import { Strap } from "../signal/heart";
import type { Reading } from "../signal/reading";
import {
  choose,
  SimulatedSensor,
  type Sensor,
  type SensorKind,
  type SensorState,
} from "../signal/sensors";
import type { Asked } from "../signal/simulated";
import * as evenClock from "../running/clock";
import type { Tell } from "./usePlayer";
import { fetchKept } from "./version";

/** What was said longer ago is not shown, s. */
const FRESH = 5;

/** Seconds that are told at once. */
const TOLD_AT_ONCE = 30;

export interface PutOn {
  name: string;
  state: SensorState;
  isMadeUp: boolean;
}

export interface Sensors {
  worn: readonly PutOn[];
  /** In words, where a sensor could not be put on. */
  problem: string;
  putOn: (kind: SensorKind | "SIMULATED") => void;
  takeOff: (name: string) => void;
  /** What counts now. */
  read: () => Reading;
  /** Whether the heart has settled where an item wants it. */
  isSettled: (item: FollowItem) => boolean;
  rangeOf: (item: FollowItem) => HeartRange | undefined;
  /** What is done now, for those who are made up. */
  ask: (asked: Asked) => void;
}

const NOTHING: Asked = { effort: 0, power: undefined, rate: undefined, speed: undefined };

export function useSensors(token: string, sport: Sport): Sensors {
  const [worn, setWorn] = useState<readonly (PutOn & { sensor: Sensor })[]>([]);
  const [problem, setProblem] = useState("");
  const [ranges, setRanges] = useState<readonly HeartRange[]>([]);
  const asked = useRef<Asked>(NOTHING);
  const strap = useRef<Strap>(undefined);
  strap.current ??= new Strap();
  const last = useRef(new Map<keyof Reading, { at: number; value: number }>());
  const wornNow = useRef(worn);
  useEffect(() => {
    wornNow.current = worn;
  });
  useEffect(() => () => wornNow.current.forEach(({ sensor }) => sensor.stop()), []);

  const isWearing = worn.length > 0;
  useEffect(() => {
    if (!isWearing) return;
    let isCurrent = true;
    fetchKept(`/api/follow/${encodeURIComponent(token)}/heart`)
      .then((response) => (response.ok ? (response.json() as Promise<HeartView>) : undefined))
      .then((view) => {
        if (isCurrent && view) setRanges(view.ranges);
      })
      .catch(() => undefined);
    return () => {
      isCurrent = false;
    };
  }, [token, isWearing]);

  const hear = useCallback((reading: Reading) => {
    const at = evenClock.now() / 1000;
    for (const [name, value] of Object.entries(reading) as [keyof Reading, number][]) {
      if (name === "heartRate" && !strap.current?.take(at, value)) continue;
      last.current.set(name, { at, value });
    }
  }, []);

  const wear = (sensor: Sensor) => {
    const named = (one: PutOn) => one.name === sensor.name;
    setWorn((before) => [
      ...before.filter((one) => !named(one)),
      { name: sensor.name, state: "ON", isMadeUp: sensor.isMadeUp, sensor },
    ]);
    sensor.start(hear, (state) => {
      setWorn((before) => before.map((one) => (named(one) ? { ...one, state } : one)));
    });
  };

  return {
    worn,
    problem,
    putOn: (kind) => {
      setProblem("");
      if (kind === "SIMULATED") {
        void import("../signal/simulated").then(({ SimulatedAthlete }) =>
          wear(new SimulatedSensor(new SimulatedAthlete(sport), () => asked.current)),
        );
        return;
      }
      choose(kind).then(
        (sensor) => sensor && wear(sensor),
        (error: unknown) => setProblem(error instanceof Error ? error.message : String(error)),
      );
    },
    takeOff: (name) => {
      worn.find((one) => one.name === name)?.sensor.stop();
      setWorn((before) => before.filter((one) => one.name !== name));
    },
    read: () => {
      const now = evenClock.now() / 1000;
      const fresh = [...last.current].filter(([, { at }]) => now - at <= FRESH);
      const reading: Reading = Object.fromEntries(fresh.map(([name, { value }]) => [name, value]));
      const heartRate = strap.current?.at(now);
      return heartRate === undefined ? without(reading) : { ...reading, heartRate };
    },
    isSettled: (item) => {
      const range = ranges.find((r) => r.itemId === item.id);
      const now = evenClock.now() / 1000;
      return range !== undefined && strap.current?.isSettled(now, range.low, range.high) === true;
    },
    rangeOf: (item) => ranges.find((r) => r.itemId === item.id),
    ask: (now) => {
      asked.current = now;
    },
  };
}

function without(reading: Reading): Reading {
  const rest = { ...reading };
  delete rest.heartRate;
  return rest;
}

/** Tells what sensors say while a warm-up runs, some seconds at a time. */
export function useSignalsTold(sensors: Sensors | undefined, isRunning: boolean, tell: Tell): void {
  const latest = useRef({ sensors, tell });
  useEffect(() => {
    latest.current = { sensors, tell };
  });
  // One that is made up would put figures on the record that nobody had.
  const worn = sensors?.worn ?? [];
  const isWearing = worn.length > 0 && !worn.some((one) => one.isMadeUp);
  useEffect(() => {
    if (!isWearing || !isRunning) return;
    let signals: SignalInput[] = [];
    const send = () => {
      if (signals.length > 0) latest.current.tell({ kind: "SIGNALS", signals });
      signals = [];
    };
    const timer = setInterval(() => {
      const { heartRate = 0, power = 0, cadence = 0 } = latest.current.sensors?.read() ?? {};
      if (heartRate + power + cadence > 0) {
        const at = Math.round(evenClock.now());
        const whole = { heartRate: Math.round(heartRate), power: Math.round(Math.max(0, power)) };
        signals.push({ at, ...whole, cadence: Math.round(cadence) });
      }
      if (signals.length >= TOLD_AT_ONCE) send();
    }, 1000);
    document.addEventListener("visibilitychange", send);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", send);
      send();
    };
  }, [isWearing, isRunning]);
}
