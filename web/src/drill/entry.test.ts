import { describe, expect, it } from "vitest";
import schema from "../../../core/src/main/resources/library/drill-library.schema.json";
import type { DrillView } from "../api/types";
import {
  BLANK,
  doseOf,
  DOSES,
  idFrom,
  kindOf,
  ownVersion,
  SKILLS,
  toSend,
  type DoseKind,
} from "./entry";

describe("a drill of one's own", () => {
  it("can rehearse each skill that a file can name", () => {
    expect(Object.keys(SKILLS).sort()).toEqual(schema.$defs.skill.enum.toSorted());
  });

  it("is kept under its name when it has no id", () => {
    expect(idFrom("  Pia's Öre-skip (2) ")).toBe("pia-s-o-re-skip-2");
    expect(toSend({ ...BLANK, name: "Bench bows" }).id).toBe("bench-bows");
    expect(toSend({ ...BLANK, id: "kept", name: "Bench bows" }).id).toBe("kept");
  });

  it("says nothing about what was left empty, but never drops what must be there", () => {
    const sent = toSend({ ...BLANK, caution: "", loads: [], ladder: undefined, wetSafe: false });
    expect(sent).not.toHaveProperty("caution");
    expect(sent).not.toHaveProperty("loads");
    expect(sent).not.toHaveProperty("ladder");
    expect(sent).not.toHaveProperty("ways");
    const ways = toSend({ ...BLANK, ways: { landing: ["calves"], ballistic: [] as never } });
    expect(ways.ways).toEqual({ landing: ["calves"] });
    expect(sent).toHaveProperty("steps");
    expect(sent).toHaveProperty("effort");
  });

  it("starts from a built-in one under another id, off its ladder", () => {
    const built = { id: "a-skip", name: "A-skip", own: false } as DrillView;
    const mine = ownVersion({ ...BLANK, id: "a-skip", ladder: "a-series/2" }, built);
    expect(mine.id).toBe("our-a-skip");
    expect(mine.ladder).toBeUndefined();
    expect(ownVersion(BLANK, { ...built, own: true })).toBe(BLANK);
  });

  it("keeps a usual dose within its range, whatever it counts", () => {
    for (const kind of Object.keys(DOSES) as DoseKind[]) {
      const dose = doseOf(kind);
      const counted = Number((dose as unknown as Record<string, unknown>)[DOSES[kind].counted]);
      expect(counted).toBeGreaterThanOrEqual(dose.range[0]);
      expect(counted).toBeLessThanOrEqual(dose.range[1]);
      expect(kindOf(dose)).toBe(kind);
    }
  });
});
