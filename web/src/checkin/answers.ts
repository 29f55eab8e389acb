// What an athlete tells, as it is entered and as it is sent.
import type { CheckInInput, Region } from "../api/types";
import type { Shade } from "../body/Body";
import type { Side } from "../body/figure";

export type Rating = 1 | 2 | 3 | 4 | 5;
export type Alarm = CheckInInput["alarms"][number];
export type Since = CheckInInput["pains"][number]["since"];

/** How a place is; what hurts has a degree. */
export interface PlaceToday {
  state: "STIFF" | "SORE" | "HURTS";
  intensity: number;
  since: Since;
}

export interface Answers {
  sleep: Rating | undefined;
  mood: Rating | undefined;
  freshness: Rating | undefined;
  places: Readonly<Record<string, PlaceToday>>;
  /** Undefined until the questions for safety were answered. */
  alarms: readonly Alarm[] | undefined;
  minutes: number | undefined;
  comingFrom: CheckInInput["comingFrom"];
  word: string;
}

export const NOTHING_SAID: Answers = {
  sleep: undefined,
  mood: undefined,
  freshness: undefined,
  places: {},
  alarms: undefined,
  minutes: undefined,
  comingFrom: null,
  word: "",
};

export function placeKey(region: Region, side: Side): string {
  return `${region} ${side}`;
}

/** The answers with a place as it is today, or fine again. */
export function withPlace(answers: Answers, key: string, place: PlaceToday | undefined): Answers {
  const others = Object.fromEntries(Object.entries(answers.places).filter(([k]) => k !== key));
  return { ...answers, places: place ? { ...others, [key]: place } : others };
}

const DEGREES = { STIFF: 1, SORE: 2, HURTS: 3 } as const;
const WORDS = { STIFF: "stiff", SORE: "sore", HURTS: "hurts" } as const;

export function shadeOf(place: PlaceToday | undefined): Shade {
  if (!place) return { degree: 0, words: "" };
  const hurts = place.state === "HURTS";
  return {
    degree: DEGREES[place.state],
    words: hurts ? `hurts ${place.intensity} of 10` : WORDS[place.state],
    ...(hurts ? { figure: String(place.intensity) } : {}),
  };
}

export function toSend(answers: Answers): CheckInInput {
  const places = Object.entries(answers.places).map(([key, place]) => {
    const [region, side] = key.split(" ") as [Region, Side];
    return { region, side, ...place };
  });
  const pains = places.filter((p) => p.state === "HURTS");
  return {
    sleep: answers.sleep ?? null,
    mood: answers.mood ?? null,
    freshness: answers.freshness ?? null,
    aches: places
      .filter((p) => p.state !== "HURTS")
      .map(({ region, side, state }) => ({ region, side, isSore: state === "SORE" })),
    hurts: pains.length > 0,
    pains: pains.map(({ region, side, intensity, since }) => ({ region, side, intensity, since })),
    alarms: [...(answers.alarms ?? [])],
    minutes: answers.minutes ?? null,
    comingFrom: answers.comingFrom,
    word: answers.word.trim(),
  };
}

/** From this of 10 on nothing is done before the coach was spoken with, as the server has it. */
const TOO_MUCH = 6;

/** Whether the coach comes first; known here, so that it holds without a network. */
export function needsTheCoachFirst(answers: CheckInInput): boolean {
  return answers.alarms.length > 0 || answers.pains.some((p) => p.intensity >= TOO_MUCH);
}
