// @vitest-environment jsdom
import { act, fireEvent, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { Problem } from "../api/problem";
import { show } from "../testing/render";
import { DrillForm } from "./DrillForm";
import { BLANK, doseOf, toSend, type Entry } from "./entry";

const field = (name: string) => screen.getByLabelText<HTMLInputElement>(name);

function write(name: string, text: string) {
  fireEvent.change(field(name), { target: { value: text } });
}

function form(start: Entry = BLANK, refused?: unknown) {
  const kept = vi.fn<(entry: Entry) => void>();
  show(<DrillForm start={start} onKeep={kept} isBusy={false} refused={refused} />);
  return kept;
}

const keeping = () => screen.getByText<HTMLButtonElement>("Save this drill");
/** Pressed, and given the moment that a form takes to look itself over. */
async function keep() {
  fireEvent.click(keeping());
  await act(() => new Promise((done) => setTimeout(done)));
}

describe("the form of a drill", () => {
  it("makes a drill that says all that a file must say", async () => {
    const kept = form();
    expect(keeping().disabled).toBe(true);
    write("Name", "Bench bows");
    write("Steps, one a line, at most three", "Bow.\nRise.\n");
    write("Cues, one a line, at most three", "long back");
    write("Common fault and its fix", "Rounding; reach.");
    fireEvent.change(screen.getAllByLabelText("Add another")[0] as HTMLElement, {
      target: { value: "hamstrings" },
    });
    write("Repetitions", "10");
    await keep();
    expect(toSend(kept.mock.calls[0]?.[0] as Entry)).toEqual({
      id: "bench-bows",
      name: "Bench bows",
      block: "mobilise",
      suits: { run: 2 },
      position: "standing",
      effort: 20,
      regions: { hips: 2, hamstrings: 1 },
      dose: { reps: 10, tempo: 2, sides: 1, directions: 1, range: [4, 12] },
      steps: ["Bow.", "Rise."],
      cues: ["long back"],
      fault: "Rounding; reach.",
    });
  });

  it("asks for the figures of the dose that is chosen and no others", async () => {
    const kept = form({ ...BLANK, name: "A drill" });
    const doses = {
      seconds: { seconds: 30, sides: 1, range: [15, 45] },
      lengths: { lengths: 2, metres: 20, speed: 1.5, back: false, range: [1, 3] },
      strokes: { strokes: 10, parts: ["full slide"], rounds: 2, rate: 20, range: [1, 3] },
      work: { rounds: 3, work: 20, rest: 10, range: [1, 5] },
    };
    for (const [kind, dose] of Object.entries(doses)) {
      write("Counted in", kind);
      await keep();
      expect(kept.mock.lastCall?.[0].dose).toEqual(dose);
    }
    expect(screen.queryByLabelText("Repetitions")).toBeNull();
  });

  it("writes the parts of a stroke sequence line by line", async () => {
    const kept = form({ ...BLANK, name: "A sequence", dose: doseOf("strokes") });
    write("Parts, one a line", "arms only\nhalf slide");
    await keep();
    expect(kept.mock.calls[0]?.[0].dose).toMatchObject({ parts: ["arms only", "half slide"] });
  });

  it("takes away a strength of 0 and what suits not at all", async () => {
    const kept = form({ ...BLANK, name: "A drill", suits: { run: 2, row: 1 } });
    await userEvent.selectOptions(field("Run"), "no");
    // The same words are among the tick boxes below.
    const strength = screen.getAllByLabelText("Hips")[0] as HTMLElement;
    fireEvent.change(strength, { target: { value: "0" } });
    await keep();
    expect(kept.mock.calls[0]?.[0].suits).toEqual({ row: 1 });
    expect(kept.mock.calls[0]?.[0].regions).toEqual({});
  });

  it("turns a figure with the arrow keys, by what it is counted in", async () => {
    const kept = form({ ...BLANK, name: "A drill" });
    await userEvent.click(field("Repetitions"));
    await userEvent.keyboard("{ArrowUp}{ArrowUp}{ArrowDown}");
    await userEvent.click(field("Seconds each"));
    await userEvent.keyboard("{ArrowUp}");
    await keep();
    expect(kept.mock.calls[0]?.[0].dose).toMatchObject({ reps: 9, tempo: 2.5 });
  });

  it("shows at its field why a file was refused", () => {
    form(
      { ...BLANK, name: "A drill" },
      new Problem(422, "Nothing was imported.", [
        { field: "drills[0].dose.tempo", accepted: "0.2 to 12, not 90" },
        { field: "drills[0].cues", accepted: "1 to 3, not 0" },
      ]),
    );
    expect(field("Seconds each").getAttribute("aria-invalid")).toBe("true");
    expect(field("Cues, one a line, at most three").getAttribute("aria-invalid")).toBe("true");
    expect(field("Repetitions").getAttribute("aria-invalid")).not.toBe("true");
    expect(screen.getByText("Accepted: 0.2 to 12, not 90")).toBeTruthy();
  });
});
