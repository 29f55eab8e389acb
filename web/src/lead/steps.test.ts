import { describe, expect, it } from "vitest";
import type { FollowItem, LeadState, LeadStep, Segment } from "../api/types";
import { seeded } from "../signal/simulated";
import { inLead, isMeanwhile, lengths, ownSeconds } from "./steps";

const sum = (segments: readonly Segment[]) => segments.reduce((all, s) => all + s.seconds, 0);

/** A lead at random, and one athlete's items in it: some steps have none, some several. */
function lead(seed: number) {
  const next = seeded(seed);
  const upTo = (most: number) => Math.floor(next() * most);
  const own: FollowItem[] = [];
  const steps: LeadStep[] = [];
  for (let i = 0; i < 1 + upTo(12); i++) {
    const items = Array.from({ length: upTo(3) }, (_, k) =>
      item(`${i}-${k}`, 1 + upTo(90), upTo(9)),
    );
    own.push(...items);
    const took = items.reduce((all, one) => all + sum(one.segments), 0);
    steps.push({
      block: "MOBILISE",
      name: `step ${i}`,
      seconds: Math.max(1, took + upTo(40)),
      rows: [i],
      itemIds: items.map((one) => one.id),
    });
  }
  const state: LeadState = {
    leadId: "lead",
    number: 1,
    device: "mine",
    zero: 0,
    heldMillis: 0,
    added: steps.map(() => 15 * upTo(3)),
    isEnded: false,
  };
  return { steps, state, own };
}

function item(id: string, seconds: number, count: number): FollowItem {
  const segments = [
    { kind: "CHANGE", side: "BOTH", seconds: 5, count: 0, note: "" },
    { kind: "WORK", side: "BOTH", seconds, count, note: "" },
  ];
  return { id, drillId: id, segments } as unknown as FollowItem;
}

describe("one athlete's part in a lead", () => {
  it("takes as long as the lead for everybody, and leaves nothing of theirs out", () => {
    for (let seed = 1; seed <= 500; seed++) {
      const { steps, state, own } = lead(seed);
      const led = inLead(steps, state, own);
      const whole = lengths(steps, state).reduce((all, s) => all + s, 0);
      expect(led.reduce((all, one) => all + sum(one.segments), 0)).toBe(whole);
      expect(led.filter((one) => !isMeanwhile(one)).map((one) => one.id)).toEqual(
        own.map((one) => one.id),
      );
    }
  });

  it("fits however long a version was taken on the way, longer ones cut off", () => {
    for (let seed = 1; seed <= 500; seed++) {
      const { steps, state, own } = lead(seed);
      const longer = own.map((one, i) => (i % 2 ? item(one.id, 200, 0) : one));
      const led = inLead(steps, state, longer);
      const whole = lengths(steps, state).reduce((all, s) => all + s, 0);
      expect(led.reduce((all, one) => all + sum(one.segments), 0)).toBe(whole);
    }
  });

  it("never goes back in the own plan as the lead goes on, and ends with all of it", () => {
    for (let seed = 1; seed <= 200; seed++) {
      const { steps, state, own } = lead(seed);
      const led = inLead(steps, state, own);
      const whole = lengths(steps, state).reduce((all, s) => all + s, 0);
      let before = 0;
      for (let at = 0; at <= whole; at += 3) {
        const done = ownSeconds(led, own, { zero: 0, held: 0 }, 1000 * at);
        expect(done).toBeGreaterThanOrEqual(before);
        before = done;
      }
      const all = own.reduce((total, one) => total + sum(one.segments), 0);
      expect(ownSeconds(led, own, { zero: 0, held: 0 }, 1000 * whole)).toBe(all);
    }
  });
});
