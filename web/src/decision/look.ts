// What is decided about what is seen: looked up in what the server found beforehand.
import type { Decided, FollowItem, InHandView, LookInput, MarkInput } from "../api/types";
import { ONE_SIDE, SIGNS } from "../shared/words";

export type Checkpoint = LookInput["checkpoint"];
export type Sign = MarkInput["sign"];

const GRAVITY: readonly Decided["kind"][] = ["CARRY_ON", "ADD", "REPEAT", "CHANGE", "STOP"];

const CARRY_ON: Decided = {
  kind: "CARRY_ON",
  ground: "ALL_WELL",
  what: "Carry on.",
  why: "",
  seconds: 0,
  items: [],
  session: null,
};

/** A device that has not got what was found beforehand does not say that all is well. */
const NOT_KNOWN: Decided = {
  ...CARRY_ON,
  what: "Ask your coach.",
  why: "What follows from this is not on this device: there was no network when it was opened.",
};

/** Signs that exclude each other stand together; what ends everything comes last. */
export const SIGNS_BY_GROUP: readonly { signs: readonly Sign[]; at: readonly Checkpoint[] }[] = [
  { signs: ["SWEAT", "NO_SWEAT"], at: ["RAISE_DONE", "RANGE_DONE"] },
  {
    signs: ["BREATHING_EASY", "BREATHING_HARD"],
    at: ["RAISE_DONE", "RANGE_DONE", "FIRST_FAST", "LAST_EFFORT"],
  },
  { signs: ["LOOSE", "TIGHT"], at: ["RAISE_DONE", "RANGE_DONE"] },
  { signs: ["TIGHT"], at: ["FIRST_FAST", "LAST_EFFORT"] },
  { signs: ["STEADY", "WOBBLY"], at: ["RANGE_DONE"] },
  {
    signs: ["CONTACTS_QUIET", "CONTACTS_HEAVY"],
    at: ["RANGE_DONE", "FIRST_FAST", "LAST_EFFORT"],
  },
  { signs: ["GEAR_THERE", "GEAR_MISSING"], at: ["FIRST_FAST", "LAST_EFFORT"] },
];

/** Nothing follows from these. */
const GOOD_SIGNS: readonly Sign[] = [
  "SWEAT",
  "BREATHING_EASY",
  "LOOSE",
  "STEADY",
  "CONTACTS_QUIET",
  "GEAR_THERE",
];

export const ALARM_SIGNS: readonly Sign[] = [
  "SHARP_PAIN",
  "CHEST_PAIN",
  "DIZZY",
  "BREATHLESS",
  "HEAD_KNOCK",
];

export function isPlaced(sign: Sign): boolean {
  return sign === "TIGHT" || sign === "PAIN";
}

/**
 * The gravest of what each mark leads to. Where nothing was found beforehand, an alarm stops all
 * the same.
 */
export function decide(
  table: Pick<InHandView, "decisions" | "looks"> | undefined,
  checkpoint: Checkpoint,
  marks: readonly MarkInput[],
  earlier: readonly MarkInput[],
): Decided {
  return marks
    .map((mark) => decideOne(table, checkpoint, mark, earlier))
    .reduce((a, b) => (gravity(b) > gravity(a) ? b : a), CARRY_ON);
}

/** What is not known is graver than going on. */
function gravity(decided: Decided): number {
  return decided === NOT_KNOWN ? 0.5 : GRAVITY.indexOf(decided.kind);
}

function decideOne(
  table: Pick<InHandView, "decisions" | "looks"> | undefined,
  checkpoint: Checkpoint,
  mark: MarkInput,
  earlier: readonly MarkInput[],
): Decided {
  const again = earlier.some((before) => isSame(before, mark) && isLess(before, mark));
  const entry = table?.looks.find(
    (e) =>
      e.checkpoint === checkpoint &&
      e.sign === mark.sign &&
      (e.region ?? undefined) === (mark.region ?? undefined) &&
      e.least <= mark.pain &&
      e.most >= mark.pain &&
      e.onlyFast === mark.onlyFast &&
      e.again === again,
  );
  const found = entry && table?.decisions[entry.decision];
  if (found) return found;
  if (ALARM_SIGNS.includes(mark.sign)) return STOP;
  return table === undefined && !GOOD_SIGNS.includes(mark.sign) ? NOT_KNOWN : CARRY_ON;
}

const STOP: Decided = {
  ...CARRY_ON,
  kind: "STOP",
  ground: "ALARM",
  what: "Stop. Get professional help; do not be alone.",
};

function isSame(a: MarkInput, b: MarkInput): boolean {
  return (
    a.sign === b.sign &&
    (a.region ?? undefined) === (b.region ?? undefined) &&
    (a.side ?? "BOTH") === (b.side ?? "BOTH")
  );
}

/** Of pain, whether it was less; of all else it is enough that it was there. */
function isLess(before: MarkInput, now: MarkInput): boolean {
  return now.sign !== "PAIN" || before.pain < now.pain;
}

/** Where one looks: at the end of which item, of those that were planned. */
export function checkpointsOf(items: readonly FollowItem[]): Map<string, Checkpoint> {
  const last = (block: FollowItem["block"]) => items.findLast((i) => i.block === block)?.id;
  const build = items.filter((i) => i.block === "BUILD");
  const at: [string | undefined, Checkpoint][] = [
    [last("RAISE"), "RAISE_DONE"],
    [last("MOBILISE"), "RANGE_DONE"],
    [build.length > 1 ? build[0]?.id : undefined, "FIRST_FAST"],
    [build.at(-1)?.id, "LAST_EFFORT"],
  ];
  return new Map(at.flatMap(([id, checkpoint]) => (id === undefined ? [] : [[id, checkpoint]])));
}

/** The items with what was decided put in before the one that comes next. */
export function withDecided(
  items: readonly FollowItem[],
  next: string,
  decided: readonly FollowItem[],
): FollowItem[] {
  const at = items.findIndex((i) => i.id === next);
  const fresh = decided.map((item, i) => ({ ...item, id: freshId(items, item.id, i) }));
  return at < 0 ? [...items] : [...items.slice(0, at), ...fresh, ...items.slice(at)];
}

function freshId(items: readonly FollowItem[], id: string, index: number): string {
  let times = 1;
  const candidate = () => `${id}~${times}${index}`;
  while (items.some((i) => i.id === candidate())) times += 1;
  return candidate();
}

/** A mark as a phrase. */
export function wordsOf(mark: MarkInput): string {
  if (!mark.region) return SIGNS[mark.sign];
  const side = mark.side && mark.side !== "BOTH" ? `${mark.side.toLowerCase()} ` : "";
  const where = side + ONE_SIDE[mark.region];
  return mark.sign === "PAIN"
    ? `${where} hurts ${mark.pain} of 10${mark.onlyFast ? ", only when fast" : ""}`
    : `tight ${where}`;
}
