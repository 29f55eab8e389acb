import { useState } from "react";
import * as senses from "./senses";
import { allowSound, buzz, nextItem, speak } from "./signals";
import css from "./senses.module.css";

const WORDS: [senses.Sense, string][] = [
  ["sound", "Sound"],
  ["vibration", "Vibration"],
  ["speech", "Speech"],
  ["sun", "For bright sun"],
];

/** Each is heard, felt or seen when it is switched on. */
export function SensesSwitch() {
  const [on, setOn] = useState(senses.all());
  const change = (sense: senses.Sense, isOn: boolean) => {
    setOn(senses.set(sense, isOn));
    if (!isOn) return;
    allowSound();
    if (sense === "sound") nextItem();
    if (sense === "vibration") buzz([200, 80, 200]);
    if (sense === "speech") speak("Leg swings, 8 a side");
  };
  return (
    <fieldset className={css.senses}>
      <legend>How it calls you</legend>
      {WORDS.map(([sense, word]) => (
        <label key={sense}>
          <input
            type="checkbox"
            checked={on[sense]}
            onChange={(e) => change(sense, e.target.checked)}
          />{" "}
          {word}
        </label>
      ))}
    </fieldset>
  );
}
