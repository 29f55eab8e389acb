import { useState } from "react";
import type { CheckInInput, Region } from "../api/types";
import { ALARMS, ONE_SIDE } from "../shared/words";
import { Body } from "../body/Body";
import type { Side } from "../body/figure";
import {
  NOTHING_SAID,
  placeKey,
  shadeOf,
  withPlace,
  type Alarm,
  type Answers,
  type PlaceToday,
  type Rating,
  type Since,
} from "./answers";
import css from "./checkin.module.css";

interface Props {
  /** Minutes that were planned. */
  planned: number;
  onTell: (answers: Answers) => void;
  onLeave: () => void;
}

const RATINGS = [
  ["sleep", "Slept", "badly", "well"],
  ["mood", "Mood", "low", "high"],
  ["freshness", "Legs and head", "heavy", "fresh"],
] as const;

const COMING: [NonNullable<CheckInInput["comingFrom"]>, string][] = [
  ["MOVING", "up and about"],
  ["BED", "bed"],
  ["DESK", "a desk"],
  ["LONG_DRIVE", "a long drive"],
];

/** Half a minute before the session: how they are. */
export function CheckInForm({ planned, onTell, onLeave }: Props) {
  const [answers, setAnswers] = useState<Answers>(NOTHING_SAID);
  const [isAsked, setAsked] = useState(false);
  const change = (part: Partial<Answers>) => setAnswers((before) => ({ ...before, ...part }));
  return (
    <main className={css.form}>
      <header>
        <h1>How are you today?</h1>
        <button type="button" className={css.leave} onClick={onLeave} aria-label="Leave">
          ✕
        </button>
      </header>
      {RATINGS.map(([key, title, worst, best]) => (
        <RatingRow
          key={key}
          title={title}
          worst={worst}
          best={best}
          value={answers[key]}
          onChange={(value) => change({ [key]: value })}
        />
      ))}
      <Places
        places={answers.places}
        onChange={(key, place) => setAnswers((before) => withPlace(before, key, place))}
      />
      <Safety
        alarms={answers.alarms}
        isMissed={isAsked && answers.alarms === undefined}
        onChange={(alarms) => change({ alarms })}
      />
      <Minutes
        planned={planned}
        value={answers.minutes}
        onChange={(minutes) => change({ minutes })}
      />
      <fieldset className={css.coming}>
        <legend>Where do you come from?</legend>
        {COMING.map(([from, words]) => (
          <button
            key={from}
            type="button"
            aria-pressed={answers.comingFrom === from}
            onClick={() => change({ comingFrom: answers.comingFrom === from ? null : from })}
          >
            {words}
          </button>
        ))}
      </fieldset>
      <label className={css.word}>
        A word to your coach
        <textarea
          rows={2}
          maxLength={500}
          value={answers.word}
          onChange={(e) => change({ word: e.target.value })}
        />
      </label>
      <button
        type="button"
        className={css.send}
        onClick={() => {
          setAsked(true);
          if (answers.alarms === undefined) {
            document.getElementById("safety")?.scrollIntoView({ block: "center" });
          } else {
            onTell(answers);
          }
        }}
      >
        Tell my coach
      </button>
    </main>
  );
}

function RatingRow({
  title,
  worst,
  best,
  value,
  onChange,
}: {
  title: string;
  worst: string;
  best: string;
  value: Rating | undefined;
  onChange: (value: Rating) => void;
}) {
  return (
    <fieldset className={css.rating}>
      <legend>{title}</legend>
      <span>{worst}</span>
      {([1, 2, 3, 4, 5] as const).map((rating) => (
        <button
          key={rating}
          type="button"
          aria-pressed={value === rating}
          aria-label={`${title}: ${rating} of 5, 1 is ${worst}, 5 is ${best}`}
          onClick={() => onChange(rating)}
        >
          {rating}
        </button>
      ))}
      <span>{best}</span>
    </fieldset>
  );
}

const STATES: [PlaceToday["state"] | undefined, string][] = [
  [undefined, "fine"],
  ["STIFF", "stiff"],
  ["SORE", "sore"],
  ["HURTS", "hurts"],
];

const SINCE: [Since, string][] = [
  ["TODAY", "today"],
  ["DAYS", "some days"],
  ["WEEKS", "weeks"],
];

function Places({
  places,
  onChange,
}: {
  places: Answers["places"];
  onChange: (key: string, place: PlaceToday | undefined) => void;
}) {
  const [chosen, setChosen] = useState<{ region: Region; side: Side }>();
  return (
    <section className={css.places} aria-label="Stiff, sore or hurting?">
      <h2>Stiff, sore or hurting? Touch it.</h2>
      <Body
        shadeOf={(region, side) => shadeOf(places[placeKey(region, side)])}
        chosen={chosen}
        onChoose={(region, side) => setChosen({ region, side })}
      />
      {chosen && (
        <PlaceToChoose
          name={`${chosen.side === "LEFT" ? "Left" : "Right"} ${ONE_SIDE[chosen.region]}`}
          place={places[placeKey(chosen.region, chosen.side)]}
          onChange={(place) => onChange(placeKey(chosen.region, chosen.side), place)}
          onDone={() => setChosen(undefined)}
        />
      )}
    </section>
  );
}

function PlaceToChoose({
  name,
  place,
  onChange,
  onDone,
}: {
  name: string;
  place: PlaceToday | undefined;
  onChange: (place: PlaceToday | undefined) => void;
  onDone: () => void;
}) {
  return (
    <div className={css.place} role="group" aria-label={name}>
      <b>{name}</b>
      <div className={css.states}>
        {STATES.map(([state, words]) => (
          <button
            key={words}
            type="button"
            aria-pressed={place?.state === state}
            onClick={() => {
              onChange(state && { state, intensity: place?.intensity ?? 3, since: "TODAY" });
              if (state !== "HURTS") onDone();
            }}
          >
            {words}
          </button>
        ))}
      </div>
      {place?.state === "HURTS" && (
        <>
          <p>How much, of 10?</p>
          <div className={css.degrees}>
            {Array.from({ length: 10 }, (_, i) => i + 1).map((degree) => (
              <button
                key={degree}
                type="button"
                aria-pressed={place.intensity === degree}
                aria-label={`${degree} of 10`}
                onClick={() => onChange({ ...place, intensity: degree })}
              >
                {degree}
              </button>
            ))}
          </div>
          <div className={css.since}>
            <span>since</span>
            {SINCE.map(([since, words]) => (
              <button
                key={since}
                type="button"
                aria-pressed={place.since === since}
                onClick={() => onChange({ ...place, since })}
              >
                {words}
              </button>
            ))}
            <button type="button" className={css.done} onClick={onDone}>
              Done
            </button>
          </div>
        </>
      )}
    </div>
  );
}

function Safety({
  alarms,
  isMissed,
  onChange,
}: {
  alarms: readonly Alarm[] | undefined;
  isMissed: boolean;
  onChange: (alarms: readonly Alarm[]) => void;
}) {
  const toggled = (alarm: Alarm) =>
    alarms?.includes(alarm) ? alarms.filter((a) => a !== alarm) : [...(alarms ?? []), alarm];
  return (
    <fieldset id="safety" className={css.safety}>
      <legend>Today, or since the last session: any of these?</legend>
      <button
        type="button"
        className={css.none}
        aria-pressed={alarms?.length === 0}
        onClick={() => onChange([])}
      >
        None of these
      </button>
      {(Object.keys(ALARMS) as Alarm[]).map((alarm) => (
        <button
          key={alarm}
          type="button"
          aria-pressed={alarms?.includes(alarm) ?? false}
          onClick={() => onChange(toggled(alarm))}
        >
          {ALARMS[alarm]}
        </button>
      ))}
      {isMissed && <p role="alert">Answer this: “None of these”, or what there is.</p>}
      {alarms !== undefined && alarms.length > 0 && (
        <p role="status">
          Your coach will speak with you first; do not start. Chest pain, fainting or bad
          breathlessness now: call for medical help.
        </p>
      )}
    </fieldset>
  );
}

/** Fewer minutes than planned that are offered. */
const FEWER = [0, 5, 10, 15, 20, 30] as const;

function Minutes({
  planned,
  value,
  onChange,
}: {
  planned: number;
  value: number | undefined;
  onChange: (minutes: number) => void;
}) {
  return (
    <fieldset className={css.minutes}>
      <legend>Minutes you will really have (planned: {planned})</legend>
      {FEWER.map((less) => planned - less)
        .filter((minutes) => minutes >= 0)
        .map((minutes) => (
          <button
            key={minutes}
            type="button"
            aria-pressed={value === minutes}
            onClick={() => onChange(minutes)}
          >
            {minutes}
          </button>
        ))}
    </fieldset>
  );
}
