// Files that devices write, as they are chosen.
import type { RecordingFile } from "../api/types";

/** Larger ones are refused before they are read, bytes. */
export const LARGEST = 5_000_000;

/** By the end of its name. */
export function formatOf(name: string): RecordingFile["format"] | undefined {
  const end = name.toLowerCase().split(".").at(-1);
  if (end === "gpx") return "GPX";
  if (end === "tcx") return "TCX";
  return end === "csv" || end === "txt" ? "CSV" : undefined;
}

/** Why a file cannot be taken in, in words; empty where it can. */
export function refused(file: { name: string; size: number }): string {
  if (!formatOf(file.name)) return `${file.name} is no GPX, TCX or CSV file.`;
  if (file.size > LARGEST) {
    return `${file.name} has ${Math.round(file.size / 1e6)} MB; up to 5 MB are taken in.`;
  }
  return "";
}
