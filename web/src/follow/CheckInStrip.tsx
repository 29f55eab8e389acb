import { useState } from "react";
import type { CheckIn } from "../checkin/useCheckIn";
import { now } from "../running/clock";
import css from "./follow.module.css";

/** Only this close to the start is an athlete on the way, ms. */
const NEAR = 4 * 3_600_000;

/** Half a minute, before anything else; afterwards what became of it. */
export function CheckInStrip({
  checkIn,
  start,
  onCheckIn,
  onWay,
}: {
  checkIn: CheckIn;
  start: number;
  onCheckIn: () => void;
  onWay: (() => void) | undefined;
}) {
  const [opened] = useState(now);
  const [isOnWay, setOnWay] = useState(false);
  if (opened > start) return null;
  const isTold = checkIn.waits !== undefined || (checkIn.standing?.state ?? null) !== null;
  return (
    <section className={css.checkIn} aria-label="Check-in">
      <p role="status">{checkInWords(checkIn)}</p>
      {isTold && onWay && start - opened < NEAR && (
        <button
          type="button"
          disabled={isOnWay}
          onClick={() => {
            setOnWay(true);
            onWay();
          }}
        >
          {isOnWay ? "On my way" : "I am on my way"}
        </button>
      )}
      <button type="button" onClick={onCheckIn}>
        {isTold ? "Tell anew" : "Check in"}
      </button>
    </section>
  );
}

function checkInWords({ standing, waits, refused }: CheckIn): string {
  if (refused) return refused;
  if (waits) return "Told. It is sent as soon as there is a network.";
  switch (standing?.state ?? undefined) {
    case "TAKEN":
      return "Your coach has taken over what you told.";
    case "REFUSED":
    case "RELEASED":
      return "Your coach has seen what you told: the plan stays.";
    case "NOTHING":
      return "Checked in. The plan stays as it is.";
    case "LATE":
      return "Told after the start; your coach can see it.";
    case "OPEN":
    case "SUPERSEDED":
      return "Told. Your coach decides what changes.";
    case undefined:
      return "How are you today? It takes half a minute.";
  }
}
