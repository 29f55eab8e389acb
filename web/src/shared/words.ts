// The server's names in the words of the trade.
import type {
  ComingFrom,
  Block,
  Finding,
  Kind,
  Kit,
  Place,
  Position,
  Region,
  Sport,
  Surface,
} from "../api/types";

export const SPORTS: Record<Sport, string> = {
  RUN: "Run",
  RIDE: "Ride",
  ROW: "Row",
  SWIM: "Swim",
};

export const KINDS: Record<Kind, string> = {
  EASY: "Easy",
  LONG: "Long",
  THRESHOLD: "Threshold",
  INTERVALS: "Intervals",
  TIME_TRIAL: "Time trial or race",
  SPRINT: "Sprint",
  STEEPLE: "Steeple or hurdles",
  GYM: "Gym",
  JUMPS: "Jumps",
};

export const PLACES: Record<Place, string> = {
  TRACK: "Track",
  ROAD: "Road",
  POOL_DECK: "Pool deck",
  BOATHOUSE: "Boathouse",
  GYM: "Gym",
  LIVING_ROOM: "Living room",
  CAR_PARK: "Car park",
};

export const COMING_FROM: Record<ComingFrom, string> = {
  MOVING: "moving about",
  BED: "bed",
  DESK: "a desk",
  LONG_DRIVE: "a long drive",
};

export const KITS: Record<Kit, string> = {
  MINI_BAND: "Mini band",
  LONG_BAND: "Long band",
  ROLLER: "Roller",
  SUPPORT: "Rail or wall",
  STEP: "Step",
  ROPE: "Rope",
  WRAP: "Elastic strip",
  HURDLES: "Low hurdles",
  BIKE: "Bike",
  ROWER: "Boat or rower",
  POOL: "Pool",
};

export const SURFACES: Record<Surface, string> = {
  FIRM: "firm",
  SOFT: "soft",
  SLIPPERY: "slippery",
};

export const POSITIONS: Record<Position, string> = {
  STANDING: "Standing",
  TRAVELLING: "Travelling",
  WALL: "At a wall",
  DECK: "On the deck",
  FLOOR: "On the floor",
  MACHINE: "On the machine",
  WATER: "In the water",
};

export const BLOCKS: Record<Block, string> = {
  RELEASE: "Release",
  RAISE: "Raise",
  MOBILISE: "Mobilise",
  ACTIVATE: "Activate",
  DRILL: "Drills",
  BUILD: "Build",
  TRANSITION: "Settle",
};

export const SEVERITIES: Record<Finding["severity"], string> = {
  CAUTION: "Caution",
  FAULT: "Fix",
  NOTE: "Note",
};

/** "HIP_FLEXORS" as "Hip flexors". */
export function region(name: Region): string {
  const words = regionInSentence(name);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A region in the middle of a sentence. */
export function regionInSentence(name: Region): string {
  return name === "ACHILLES" ? "Achilles" : name.toLowerCase().replaceAll("_", " ");
}

const REGION_NAMES: Region[] = [
  "FEET",
  "ANKLES",
  "ACHILLES",
  "CALVES",
  "SHINS",
  "KNEES",
  "QUADRICEPS",
  "HAMSTRINGS",
  "ADDUCTORS",
  "HIPS",
  "HIP_FLEXORS",
  "GLUTES",
  "LOWER_BACK",
  "TRUNK",
  "MID_BACK",
  "CHEST",
  "SHOULDER_BLADES",
  "SHOULDERS",
  "NECK",
  "WRISTS",
];
export const REGIONS = Object.fromEntries(REGION_NAMES.map((r) => [r, region(r)])) as Record<
  Region,
  string
>;
