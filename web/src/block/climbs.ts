// From stands week by week to what is drawn: one line a ladder, a step where it goes up or down.
import type { AthleteBlock, BlockView, Change } from "../api/types";

export interface Step {
  /** Index of the week in which it comes. */
  week: number;
  step: number;
  name: string;
  isUp: boolean;
  isProvisional: boolean;
}

export interface Climb {
  ladder: string;
  /** Rung by week; undefined before the athlete joins. */
  rungs: (number | undefined)[];
  steps: Step[];
  /** Weeks with more of the same. */
  doses: number[];
  lowest: number;
  highest: number;
  first: string;
}

/** The ladders that move, those that move first in front; and the names of those that stay. */
export function climbsOf(
  block: BlockView,
  athlete: AthleteBlock,
): { moving: Climb[]; steady: string[] } {
  const all = block.ladders
    .filter((l) => athlete.weeks.some((w) => w.rungs.some((r) => r.ladder === l.id)))
    .map((l) => climb(block, athlete, l.id, l.rungs));
  const moving = all.filter((c) => c.steps.length > 0 || c.doses.length > 0);
  const build = buildOf(block, athlete);
  if (build.steps.length > 0) moving.push(build);
  const start = (c: Climb) => c.steps[0]?.week ?? 99;
  moving.sort((a, b) => start(a) - start(b));
  return { moving, steady: all.filter((c) => !moving.includes(c)).map((c) => c.first) };
}

/** The ladder's place for build-ups, which have none. */
export const BUILD = "";

/** How high the build may go, as a climb of its own. */
function buildOf(block: BlockView, athlete: AthleteBlock): Climb {
  const steps: Step[] = [];
  const rungs: Climb["rungs"] = [];
  let stage: number | undefined;
  const hasTops = new Set(athlete.weeks.map((w) => w.top)).size > 1;
  block.weeks.forEach((week, index) => {
    const stand = athlete.weeks.find((w) => w.number === week.number);
    const change = stand?.changes.find((c) => c.kind === "BUILD_UP" || c.kind === "BUILD_DOWN");
    if (stand && stage === undefined) stage = firstStage(athlete);
    if (stand && change) {
      stage = change.to;
      steps.push({
        week: index,
        step: change.to,
        name: buildWords(stand.efforts, hasTops ? stand.top : undefined),
        isUp: false,
        isProvisional: false,
      });
    }
    rungs.push(stand ? stage : undefined);
  });
  const known = rungs.filter((r) => r !== undefined);
  return {
    ladder: BUILD,
    rungs,
    steps,
    doses: [],
    lowest: Math.min(...known),
    highest: Math.max(...known),
    first: "Build-ups",
  };
}

function buildWords(efforts: number, top: number | undefined): string {
  const count = efforts === 0 ? "usual efforts" : efforts > 0 ? "one more" : "one fewer";
  if (top === undefined) return count;
  return efforts === 0 ? `to ${top} %` : `to ${top} %, ${count}`;
}

/** What the build begins at: what its first change comes from. */
function firstStage(athlete: AthleteBlock): number {
  const first = athlete.weeks
    .flatMap((w) => w.changes)
    .find((c) => c.kind === "BUILD_UP" || c.kind === "BUILD_DOWN");
  return first?.from ?? 0;
}

function climb(block: BlockView, athlete: AthleteBlock, ladder: string, names: string[]): Climb {
  const rungs: Climb["rungs"] = [];
  const steps: Step[] = [];
  const doses: number[] = [];
  block.weeks.forEach((week, index) => {
    const stand = athlete.weeks.find((w) => w.number === week.number);
    const rung = stand?.rungs.find((r) => r.ladder === ladder);
    rungs.push(rung?.step);
    const changes = stand?.changes.filter((c) => c.ladder === ladder) ?? [];
    for (const change of changes) {
      if (change.kind === "DOSE_UP") doses.push(index);
      if (change.kind === "RUNG_UP" || change.kind === "RUNG_DOWN") {
        steps.push({
          week: index,
          step: change.to,
          name: names[change.to - 1] ?? `rung ${change.to}`,
          isUp: change.kind === "RUNG_UP",
          isProvisional: change.provisional,
        });
      }
    }
  });
  const known = rungs.filter((r) => r !== undefined);
  const lowest = Math.min(...known);
  return {
    ladder,
    rungs,
    steps,
    doses,
    lowest,
    highest: Math.max(...known),
    first: names[(known[0] ?? 1) - 1] ?? ladder,
  };
}

/** The one thing that goes up in a week, or what else the week is, in a word or two. */
export function headline(changes: Change[], names: (ladder: string, step: number) => string) {
  const up = changes.find((c) => c.up);
  const change = up ?? changes.find((c) => c.kind !== "HOLD") ?? changes[0];
  if (!change) return { mark: "", words: "" };
  switch (change.kind) {
    case "RUNG_UP":
      return { mark: "rung", words: names(change.ladder, change.to) };
    case "RUNG_DOWN":
      return { mark: "down", words: names(change.ladder, change.to) };
    case "DOSE_UP":
      return { mark: "dose", words: "a little more" };
    case "BUILD_UP":
      return { mark: "build", words: "build-ups" };
    case "BUILD_DOWN":
    case "LESS":
      return { mark: "less", words: "less" };
    case "FROZEN":
      return { mark: "frozen", words: "nothing new" };
    case "ABSENT":
      return { mark: "absent", words: "away" };
    default:
      return { mark: "", words: "" };
  }
}

/** One figure a week: a mean over the warm-ups before hard sessions. */
export interface Trend {
  label: string;
  unit: string;
  values: (number | undefined)[];
  /** Drawn beside it, for comparison. */
  other?: (number | undefined)[];
}

export function trendsOf(block: BlockView, athletes: AthleteBlock[]): Trend[] {
  const weeks = block.weeks.map((week, index) => {
    const next = block.weeks[index + 1]?.firstDay ?? "9999";
    const all = athletes.flatMap((a) =>
      a.warmUps.filter((w) => w.date >= week.firstDay && w.date < next),
    );
    const hard = all.filter((w) => w.efforts > 0);
    const contacts = all.reduce((sum, w) => sum + w.contacts, 0) / Math.max(1, athletes.length);
    return {
      minutes: mean(hard.map((w) => w.seconds / 60)),
      contacts: all.length > 0 ? contacts : undefined,
      top: hard.length > 0 ? Math.max(...hard.map((w) => w.top)) : undefined,
      drills: mean(hard.map((w) => w.drills)),
      efforts: mean(hard.map((w) => w.efforts)),
    };
  });
  const lands = weeks.some((w) => (w.contacts ?? 0) > 0);
  return [
    { label: "Minutes", unit: "min a hard session", values: weeks.map((w) => w.minutes) },
    ...(lands ? [{ label: "Contacts", unit: "a week", values: weeks.map((w) => w.contacts) }] : []),
    { label: "Top effort", unit: "% of top", values: weeks.map((w) => w.top) },
    {
      label: "Drills · graded efforts",
      unit: "a hard session",
      values: weeks.map((w) => w.drills),
      other: weeks.map((w) => w.efforts),
    },
  ];
}

function mean(values: number[]): number | undefined {
  return values.length > 0 ? values.reduce((a, b) => a + b, 0) / values.length : undefined;
}
