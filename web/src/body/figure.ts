// Our own drawn body: half of it, seen from the front and from behind; the other half is its mirror.
import type { Region } from "../api/types";

export type Side = "LEFT" | "RIGHT";
export type View = "FRONT" | "BACK";

export interface Part {
  region: Region;
  path: string;
}

/** Of the half that is left of the middle for whoever looks; the middle is at x = 100. */
export const WIDTH = 200;
export const HEIGHT = 440;

/** What nobody marks: head, arms, hands. */
export const SILHOUETTE =
  "M100 8 C88 8 82 18 83 32 C84 44 90 52 100 54 Z" +
  " M58 86 C50 104 46 124 43 148 L36 188 L48 191 L60 150 C64 132 66 116 66 98 Z" +
  " M35 204 L47 207 C47 216 44 226 38 228 C33 226 32 214 35 204 Z";

const NECK: Part = { region: "NECK", path: "M90 50 L100 53 L100 68 L84 68 C88 63 90 58 90 50 Z" };
const SHOULDERS: Part = {
  region: "SHOULDERS",
  path: "M83 69 C70 70 60 75 57 86 L66 98 C72 94 76 89 79 80 Z",
};
const WRISTS: Part = { region: "WRISTS", path: "M35 189 L48 192 L47 206 L33 203 Z" };
const KNEES: Part = {
  region: "KNEES",
  path: "M67 290 L90 290 C91 300 90 308 88 314 L68 314 C66 308 66 298 67 290 Z",
};
const ANKLES: Part = { region: "ANKLES", path: "M72 390 L87 390 L88 406 L71 406 Z" };

const FRONT: readonly Part[] = [
  NECK,
  SHOULDERS,
  { region: "CHEST", path: "M84 70 L100 70 L100 116 C90 118 80 115 74 110 L80 82 Z" },
  {
    region: "TRUNK",
    path: "M74 112 C82 117 92 120 100 118 L100 168 L76 168 C75 148 75 130 74 112 Z",
  },
  WRISTS,
  { region: "HIPS", path: "M75 170 C66 180 61 194 61 212 L74 214 L80 192 L79 171 Z" },
  { region: "HIP_FLEXORS", path: "M80 171 L100 171 L100 187 L86 207 L76 213 L82 192 Z" },
  { region: "ADDUCTORS", path: "M100 190 L100 212 C99 228 97 242 94 254 L88 254 L87 209 Z" },
  { region: "QUADRICEPS", path: "M61 214 L85 211 L87 256 L90 288 L67 288 C61 262 60 236 61 214 Z" },
  KNEES,
  {
    region: "SHINS",
    path: "M68 316 L88 316 C91 338 89 364 86 388 L73 388 C67 364 65 338 68 316 Z",
  },
  ANKLES,
  { region: "FEET", path: "M70 408 L88 408 L90 426 C82 434 68 434 60 428 Z" },
];

const BACK: readonly Part[] = [
  NECK,
  SHOULDERS,
  {
    region: "SHOULDER_BLADES",
    path: "M84 70 L100 70 L100 112 C92 114 82 113 75 110 L80 82 Z",
  },
  { region: "MID_BACK", path: "M75 112 C83 116 92 116 100 114 L100 145 L76 145 Z" },
  { region: "LOWER_BACK", path: "M76 147 L100 147 L100 177 L74 177 C75 166 76 158 76 147 Z" },
  WRISTS,
  {
    region: "GLUTES",
    path: "M73 179 L100 179 L100 214 C88 224 72 222 61 214 C62 200 66 188 73 179 Z",
  },
  {
    region: "HAMSTRINGS",
    path: "M61 217 C74 225 88 226 99 217 C98 240 94 264 90 288 L67 288 C61 264 60 240 61 217 Z",
  },
  KNEES,
  {
    region: "CALVES",
    path: "M68 316 L89 316 C95 332 93 350 87 366 L72 366 C64 350 63 332 68 316 Z",
  },
  { region: "ACHILLES", path: "M73 368 L86 368 L86 389 L74 389 Z" },
  ANKLES,
  { region: "FEET", path: "M71 408 L88 408 L88 424 C82 429 74 428 68 424 Z" },
];

export const PARTS: Record<View, readonly Part[]> = { FRONT, BACK };

/** Which side of the body a half of the picture is: who faces us has their left on our right. */
export function sideOf(view: View, isMirrored: boolean): Side {
  return (view === "FRONT") === isMirrored ? "LEFT" : "RIGHT";
}
