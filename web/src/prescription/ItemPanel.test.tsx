// @vitest-environment jsdom
import { act, fireEvent, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { Item } from "../api/types";
import { serve, show } from "../testing/render";
import { ItemPanel } from "./ItemPanel";
import type { Edit } from "./usePlan";

const ITEM = {
  id: "a-skip",
  drillId: "a-skip",
  name: "A-skip",
  block: "DRILL",
  amount: 4,
  step: 1,
  least: 2,
  most: 6,
  dose: { text: "4 × 20 m", figures: [] },
  seconds: 95,
  changeSeconds: 5,
  recoverySeconds: 0,
  reason: "For knee lift.",
  without: "Without it knee lift falls from 80 to 60 %.",
  lock: "NONE",
  easier: { drillId: "a-march", name: "A-march" },
  harder: { drillId: "a-run", name: "A-run" },
  steps: ["Skip."],
  cues: ["tall", "quick"],
  fault: "Leaning back; look ahead.",
  caution: "",
  target: null,
} as unknown as Item;

function panel(item: Partial<Item> = {}) {
  const onEdit = vi.fn<(edit: Edit) => void>();
  show(<ItemPanel prescriptionId="p1" item={{ ...ITEM, ...item }} onEdit={onEdit} />);
  return onEdit;
}

const press = (name: string) => {
  fireEvent.click(screen.getByRole("button", { name }));
};

describe("a drill up close", () => {
  it("says why it is there, how it is done and how long it takes", () => {
    panel();
    expect(screen.getByText(/For knee lift\. Without it/)).toBeTruthy();
    expect(screen.getByText("tall · quick")).toBeTruthy();
    expect(screen.getByText(/1:35, 5 s of it changing over/)).toBeTruthy();
    expect(screen.queryByText("Care:")).toBeNull();
  });

  it("adds quick presses up before the first is answered, within least and most", () => {
    const onEdit = panel();
    press("More");
    press("More");
    expect(onEdit.mock.calls.map(([edit]) => (edit as { amount: number }).amount)).toEqual([5, 6]);
    expect(screen.getByRole<HTMLButtonElement>("button", { name: "More" }).disabled).toBe(true);
    press("Less");
    expect(onEdit).toHaveBeenLastCalledWith({ action: "DOSE", itemId: "a-skip", amount: 5 });
  });

  it("moves between the locks with the arrow keys", async () => {
    const onEdit = panel();
    const locks = screen.getAllByRole<HTMLInputElement>("radio");
    expect(locks.map((l) => l.value)).toEqual(["NONE", "DRILL", "RUNG", "DOSE"]);
    expect(locks[0]?.checked).toBe(true);
    act(() => locks[0]?.focus());
    await userEvent.keyboard("{ArrowRight}");
    expect(onEdit).toHaveBeenCalledWith({ action: "LOCK", itemId: "a-skip", lock: "DRILL" });
  });

  it("offers only the locks that mean something", () => {
    panel({ block: "RAISE", easier: null, harder: null });
    expect(screen.getAllByRole<HTMLInputElement>("radio").map((l) => l.value)).toEqual([
      "NONE",
      "DOSE",
    ]);
  });

  it("puts a rung or an alternative in its place", async () => {
    serve({
      "GET /api/prescriptions/p1/items/a-skip/alternatives": () => [
        {
          drillId: "high-knees",
          name: "High knees",
          kit: [],
          better: ["quick feet"],
          worse: [],
          likeness: 82,
          secondsMore: -6,
        },
      ],
    });
    const onEdit = panel();
    press("A-march");
    expect(onEdit).toHaveBeenCalledWith({ action: "SWAP", itemId: "a-skip", drillId: "a-march" });
    press("Swap ▾");
    fireEvent.click(await screen.findByText("High knees"));
    expect(screen.getByText(/82 % alike, −6 s|82 % alike,/).textContent).toContain("−6 s");
    expect(onEdit).toHaveBeenLastCalledWith({
      action: "SWAP",
      itemId: "a-skip",
      drillId: "high-knees",
    });
  });

  it("says so where nothing else can be done", async () => {
    serve({ "GET /api/prescriptions/p1/items/a-skip/alternatives": () => [] });
    panel();
    press("Swap ▾");
    expect(await screen.findByText(/^Nothing else in the library/)).toBeTruthy();
  });
});
