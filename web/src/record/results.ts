// Results of efforts as coaches write them.
import type { RecordView } from "../api/types";
import { clock } from "../shared/units";

type Results = NonNullable<RecordView["results"]>;

/** A result as one writes it. */
export function sayResult(result: number, unit: Results["unit"] | undefined): string {
  if (unit === "WATTS") return `${Math.round(result)} W`;
  return unit === "METRES_PER_SECOND" ? `${result} m/s` : clock(result);
}

/** Times, watts or metres a second; nothing where nothing can be read. */
export function readResults(text: string): Results | null {
  const parts = text
    .split(/[,;]/)
    .map((p) => p.trim())
    .filter((p) => p !== "");
  if (parts.length === 0) return null;
  const unit = /w$/i.test(parts[0] ?? "")
    ? "WATTS"
    : /m\/s$/.test(parts[0] ?? "")
      ? "METRES_PER_SECOND"
      : "SECONDS";
  const efforts = parts.map((p) => (unit === "SECONDS" ? parseTime(p) : Number.parseFloat(p)));
  return { unit, efforts: efforts.map((e) => (Number.isFinite(e) ? e : 0)) };
}

function parseTime(text: string): number {
  const [first = "", second] = text.replace(/s$/, "").split(":");
  return second === undefined ? Number(first) : 60 * Number(first) + Number(second);
}
