import { hasBluetooth, KINDS, type SensorKind } from "../signal/sensors";
import type { Sensors } from "./useSensors";
import css from "./follow.module.css";

/** Puts sensors on, before the warm-up. */
export function SensorPanel({ sensors }: { sensors: Sensors }) {
  return (
    <details className={css.sensors}>
      <summary>
        {sensors.worn.length > 0
          ? `Sensors: ${sensors.worn.map((one) => one.name).join(", ")}`
          : "Heart rate, power: put a sensor on"}
      </summary>
      {sensors.worn.map((one) => (
        <p key={one.name}>
          {one.name}, {one.state === "ON" ? "heard" : "not heard; looked for again"}
          {one.isMadeUp && "; its figures are shown and kept nowhere"}{" "}
          <button type="button" className={css.link} onClick={() => sensors.takeOff(one.name)}>
            Take it off
          </button>
        </p>
      ))}
      <div className={css.choices}>
        {hasBluetooth() &&
          (Object.keys(KINDS) as SensorKind[]).map((kind) => (
            <button key={kind} type="button" onClick={() => sensors.putOn(kind)}>
              {KINDS[kind].words}
            </button>
          ))}
        <button type="button" onClick={() => sensors.putOn("SIMULATED")}>
          Made-up sensors, to try it
        </button>
      </div>
      {!hasBluetooth() && (
        <p className={css.small}>This browser cannot speak to Bluetooth sensors.</p>
      )}
      {sensors.problem && <p role="alert">{sensors.problem}</p>}
    </details>
  );
}
