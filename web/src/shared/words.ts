// The server's names in the words of the trade.
import type {
  Block,
  CheckInInput,
  ComingFrom,
  Finding,
  HealthCondition,
  Kind,
  Kit,
  LookInput,
  MarkInput,
  Place,
  Position,
  Prior,
  Region,
  RestrictionInput,
  Stage,
  Stroke,
  Surface,
} from "../api/types";
import { WORDS } from "../api/words";

export const KINDS: Record<Kind, string> = labels(WORDS.kind);

export const PLACES: Record<Place, string> = {
  TRACK: "Track",
  ROAD: "Road",
  POOL_DECK: "Pool deck",
  BOATHOUSE: "Boathouse",
  GYM: "Gym",
  LIVING_ROOM: "Living room",
  CAR_PARK: "Car park",
  TRAIL: "Trail",
  VELODROME: "Velodrome",
  HOTEL_ROOM: "Hotel room",
  BEACH: "Beach",
  WATERSIDE: "Lake, canal or river",
  STAIRS: "Stairs",
};

export const COMING_FROM: Record<ComingFrom, string> = {
  MOVING: "moving about",
  BED: "bed",
  DESK: "a desk",
  LONG_DRIVE: "a long drive",
};

export const PRIOR_KINDS: Record<Prior["kind"], string> = {
  WARM_UP: "A warm-up",
  SESSION: "A session or race",
  JOURNEY: "The way here",
};

export const MOVEMENTS: Record<Prior["movement"], string> = {
  RUNNING: "Running",
  RIDING: "Riding",
  ROWING: "Rowing",
  SWIMMING: "Swimming",
  WALKING: "Walking",
  DRILLS: "Drills on land",
};

export const HARDNESS: Record<Prior["hardness"], string> = {
  EASY: "easy",
  STEADY: "steady",
  HARD: "hard",
  ALL_OUT: "all out",
};

export const TRANSFERS: Record<Stage["transfer"], string> = {
  WALK: "walk over",
  RIDE: "ride over",
  DRIVE: "drive over",
  CHANGE: "change there",
};

export const STROKES: Record<Stroke, string> = {
  FREESTYLE: "Freestyle",
  BACKSTROKE: "Backstroke",
  BREASTSTROKE: "Breaststroke",
  BUTTERFLY: "Butterfly",
  MEDLEY: "Medley",
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
  TREADMILL: "Treadmill",
  BIKE: "Bike",
  ROWER: "Boat or rower",
  POOL: "Pool or open water",
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
  SEATED: "Sitting",
  MACHINE: "On the machine",
  WATER: "In the water",
};

export const BLOCKS: Record<Block, string> = WORDS.part;

export const SEVERITIES: Record<Finding["severity"], string> = {
  CAUTION: "Caution",
  FAULT: "Fix",
  NOTE: "Note",
};

export const REGIONS: Record<Region, string> = labels(WORDS.region);

export const HEALTH: Record<HealthCondition, string> = labels(WORDS.health);

/** A region as it stands alone. */
export function region(name: Region): string {
  return REGIONS[name];
}

/** A region in the middle of a sentence. */
export function regionInSentence(name: Region): string {
  return WORDS.region[name];
}

export const SIDES = { BOTH: "both", LEFT: "left", RIGHT: "right" } as const;

/** "knees", or "left knee". */
export function restrictedInSentence({ region: name, side }: RestrictionInput): string {
  return side == null || side === "BOTH"
    ? WORDS.region[name]
    : `${SIDES[side]} ${WORDS.oneSide[name]}`;
}

/** Words that stand alone begin with a capital. */
function labels<K extends string>(words: Record<K, string>): Record<K, string> {
  const label = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);
  return Object.fromEntries(
    Object.entries<string>(words).map(([key, word]) => [key, label(word)]),
  ) as Record<K, string>;
}

/** One side of a region, after left or right. */
export const ONE_SIDE: Record<Region, string> = WORDS.oneSide;

export const ALARMS: Record<CheckInInput["alarms"][number], string> = WORDS.alarm;

export const SIGNS: Record<MarkInput["sign"], string> = WORDS.sign;

export const CHECKPOINTS: Record<LookInput["checkpoint"], string> = WORDS.checkpoint;
