// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import type { Approach, Circumstances } from "../api/types";
import { serve, show } from "../testing/render";
import { CircumstancesBar } from "./CircumstancesBar";
import { StartSlipped } from "./StartSlipped";

const USUAL: Circumstances = {
  minutes: 40,
  fill: false,
  place: "TRACK",
  kit: [],
  temperature: 12,
  comingFrom: "MOVING",
  conditions: null,
  before: [],
  slipped: 0,
  earlier: [],
};

const APPROACH = {
  first: "RAISE",
  holds: "SHORT",
  neck: "TILTS",
  balance: "EVEN",
  top: "BY_SESSION",
  routine: "FIXED",
  support: "AS_MASTERED",
} as Approach;

function shown(circumstances: Circumstances) {
  const onEdit = vi.fn();
  serve({
    "GET /api/places": () => [],
    "GET /api/approach": () => APPROACH,
    "GET /api/approach/questions": () => [],
  });
  show(
    <CircumstancesBar
      circumstances={circumstances}
      approach={APPROACH}
      sport="RUN"
      startsAt="2026-11-27T06:45:00"
      error={null}
      onEdit={onEdit}
    />,
  );
  return onEdit;
}

it("adds what was done before so that it ends when the warm-up begins, and takes it out", async () => {
  const user = userEvent.setup();
  const onEdit = shown(USUAL);
  await user.click(screen.getByRole("button", { name: /Nothing done before/ }));
  await user.click(screen.getByRole("button", { name: /They come warm/ }));
  const before = [
    { kind: "SESSION", movement: "RUNNING", hardness: "STEADY", minutes: 20, endedBefore: 40 },
  ];
  expect(onEdit).toHaveBeenCalledWith({
    action: "CIRCUMSTANCES",
    circumstances: { ...USUAL, before },
  });
});

it("gives a place elsewhere its minutes on top, and takes them back with it", async () => {
  const user = userEvent.setup();
  const room = {
    place: "LIVING_ROOM" as const,
    kit: [],
    temperature: 20,
    minutes: 12,
    transfer: "WALK" as const,
    transferMinutes: 4,
  };
  const onEdit = shown(USUAL);
  await user.click(screen.getByRole("button", { name: /All in one place/ }));
  await user.click(screen.getByRole("button", { name: "Begin somewhere else" }));
  expect(onEdit).toHaveBeenLastCalledWith({
    action: "CIRCUMSTANCES",
    circumstances: { ...USUAL, minutes: 56, earlier: [room] },
  });
});

it("takes a place out with its minutes", async () => {
  const user = userEvent.setup();
  const onEdit = shown({
    ...USUAL,
    minutes: 56,
    earlier: [
      {
        place: "HOTEL_ROOM",
        kit: [],
        temperature: 20,
        minutes: 12,
        transfer: "DRIVE",
        transferMinutes: 4,
      },
    ],
  });
  await user.click(screen.getByRole("button", { name: /First hotel room 12 min/ }));
  await user.click(screen.getByRole("button", { name: "Remove hotel room" }));
  expect(onEdit).toHaveBeenLastCalledWith({ action: "CIRCUMSTANCES", circumstances: USUAL });
});

it("asks by how much a start slipped, once", async () => {
  const user = userEvent.setup();
  const onEdit = vi.fn();
  show(<StartSlipped onEdit={onEdit} />);
  await user.click(screen.getByRole("button", { name: "Start slipped…" }));
  await user.click(screen.getByRole("button", { name: "15 minutes later" }));
  expect(onEdit).toHaveBeenCalledExactlyOnceWith({ action: "START_SLIPPED", minutes: 15 });
  expect(screen.getByRole("button", { name: "Start slipped…" })).toBeTruthy();
});
