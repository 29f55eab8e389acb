// What a phone tells, beside what was seen on its screen. Core folds the same events and must come
// to the same (FollowedOnAPhoneTest).
import { expect, it } from "vitest";
import type { FollowItem } from "../api/types";
import { day, EASIER_SKIPS, VIEW, type Moment } from "../testing/following";
import { begin, hereOf, step, type Happening, type Touch } from "./playing";

const BEGUN = Date.UTC(2026, 11, 1, 17);

/** Less than this is no more than a look at it, s. */
const A_LOOK = 5;

const STATES = ["SKIPPED", "PARTLY", "DONE"] as const;

interface Outcome {
  state: (typeof STATES)[number];
  seconds: number;
  drill: string;
  reason?: string;
}

const more = (a: Outcome | undefined, b: Outcome) =>
  a && STATES.indexOf(a.state) * 1e6 + a.seconds >= STATES.indexOf(b.state) * 1e6 + b.seconds
    ? a
    : b;

const lengthOf = (item: FollowItem) => item.segments.reduce((sum, s) => sum + s.seconds, 0);

/** Follows a warm-up and watches it from outside, without reading what is told. */
function follow(moments: readonly Moment[], every: number) {
  const told: (Happening & { at: number })[] = [];
  const outcomes = new Map<string, Outcome>();
  let player = begin(VIEW, undefined, undefined, 0);
  let now = 0;
  let held = 0;
  let heldBefore = 0;
  let jacketOff: number | undefined;
  let endedAt: number | undefined;

  const take = (touch: Touch, at: number) => {
    const isHeld = player.watch.zero === undefined && !player.isEnded;
    if (isHeld) held += at - now;
    else heldBefore = held;
    const { beat, at: second } = hereOf(player, at);
    const before = player.items;
    const from = before.findIndex((i) => i.id === (beat?.item.id ?? ""));
    const next = step(player, touch, at);
    player = next.player;
    now = at;
    told.push(...next.told.map((h) => ({ ...h, at: BEGUN + at })));
    if (touch.kind === "JACKET_OFF") jacketOff ??= at - held;
    if (player.isEnded) endedAt ??= BEGUN + at;
    return { beat, second, before, from };
  };

  const end = (item: FollowItem, state: Outcome["state"], seconds: number) => {
    const outcome: Outcome = { state, seconds, drill: item.drillId };
    if (state !== "DONE") outcome.reason = "UNSAID";
    outcomes.set(item.id, more(outcomes.get(item.id), outcome));
  };

  const presentAt = (at: number) => {
    const item = hereOf(player, at).beat?.item;
    return item ? player.items.findIndex((i) => i.id === item.id) : player.items.length;
  };

  let running = 0;
  const pass = (at: number) => {
    const { from, before } = take({ kind: "TIME" }, at);
    const to = from < 0 ? before.length : from;
    for (const over of before.slice(running, to)) end(over, "DONE", lengthOf(over));
    running = to;
  };

  pass(0);
  for (const { at, touch } of moments) {
    if (every > 0) for (let t = now + every; t < at; t += every) pass(t);
    pass(at);
    if (player.isEnded) break;
    const { beat, second, before } = take(touch, at);
    if (beat) {
      const began = before.slice(0, before.indexOf(beat.item)).reduce((s, i) => s + lengthOf(i), 0);
      const done = Math.round(second - began);
      if (touch.kind === "SKIP") end(beat.item, done > A_LOOK ? "PARTLY" : "SKIPPED", done);
      if (touch.kind === "RAISED") end(beat.item, "DONE", done);
    }
    const to = presentAt(at);
    const isToldOf = touch.kind === "SKIP" || touch.kind === "RAISED";
    for (const over of isToldOf ? [] : player.items.slice(running, to)) {
      end(over, "DONE", lengthOf(over));
    }
    running = to;
    if (touch.kind === "WHY") {
      const [id, last] = [...outcomes].at(-1) ?? [];
      if (id && last) outcomes.set(id, { ...last, reason: touch.reason });
    }
  }
  return {
    told,
    state: {
      begun: BEGUN,
      ended: endedAt ?? null,
      present: player.present,
      // How long it is held is known once that is over.
      held: player.watch.zero === undefined && !player.isEnded ? heldBefore : held,
      jacketOff: jacketOff ?? null,
      items: Object.fromEntries(outcomes),
    },
  };
}

const at = (minutes: number, touch: Touch): Moment => ({ at: minutes * 60_000, touch });
const END = at(200, { kind: "TIME" });

const BY_HAND: Record<string, Moment[]> = {
  "from beginning to end": [END],
  "not over yet": [at(4.5, { kind: "TIME" })],
  "held, and let go": [at(2, { kind: "HOLD" }), at(5, { kind: "HOLD" }), END],
  "held still": [at(2, { kind: "HOLD" }), at(9, { kind: "TIME" })],
  "jacket off while it is held": [
    at(2, { kind: "HOLD" }),
    at(3, { kind: "JACKET_OFF" }),
    at(6, { kind: "HOLD" }),
    END,
  ],
  "jacket off twice": [at(3, { kind: "JACKET_OFF" }), at(5, { kind: "JACKET_OFF" }), END],
  "left out after a look, and after half of it": [
    at(4.05, { kind: "SKIP" }),
    at(4.3, { kind: "SKIP" }),
    END,
  ],
  "left out, and why": [
    at(4.05, { kind: "SKIP" }),
    at(4.1, { kind: "WHY", reason: "NO_ROOM" }),
    END,
  ],
  "back to what was left out": [at(4.05, { kind: "SKIP" }), at(4.06, { kind: "BACK" }), END],
  "raise cut short": [at(3, { kind: "RAISED" }), END],
  "more time, and sooner in place": [
    at(4.02, { kind: "IN_PLACE" }),
    at(4.2, { kind: "MORE" }),
    END,
  ],
  "an easier rung": [at(4.7, { kind: "RUNG", rung: { ...EASIER_SKIPS, id: "skips" } }), END],
};

const TOUCHES = ["SKIP", "HOLD", "MORE", "IN_PLACE", "JACKET_OFF", "RAISED", "BACK"] as const;

it("tells of a warm-up what core makes of it", async () => {
  const cases = [
    ...Object.entries(BY_HAND).map(([name, moments]) => ({ name, ...follow(moments, 500) })),
    ...Array.from({ length: 20 }, (_, seed) => ({
      name: `by chance, ${seed}`,
      ...follow(day(seed, TOUCHES), seed % 2 === 0 ? 500 : 0),
    })),
  ];
  const lines = cases.map(
    ({ name, told, state }) =>
      `{ "name": ${JSON.stringify(name)},\n  "told": [\n` +
      told.map((event) => `    ${JSON.stringify(event)}`).join(",\n") +
      `],\n  "state": ${JSON.stringify(state)} }`,
  );
  await expect(`[\n${lines.join(",\n")}\n]\n`).toMatchFileSnapshot("followed.json");
});
