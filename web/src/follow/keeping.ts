// What a device keeps of the warm-ups that are followed on it, until the server has it.
import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import type { FollowEvent, FollowItem, MarkInput } from "../api/types";
import type { Checkpoint } from "../decision/look";
import { newKey } from "../shared/once";
import type { Stopwatch } from "../running/stopwatch";

/** An event before it has its number. */
export type Happening = Omit<FollowEvent, "sequence" | "run" | "at"> & { at: number };

/** Where a warm-up stands on this device. */
export interface Place {
  revision: number;
  /** As they are by now, other rungs and what was fitted anew included. */
  items: FollowItem[];
  watch: Stopwatch;
  /** Seconds of the warm-up when it was last looked at, and when that was. */
  at: number;
  seenAt: number;
  isJacketOff: boolean;
  isOver: boolean;
  /** Where was looked, and what was seen. */
  looked?: readonly Checkpoint[];
  marks?: readonly MarkInput[];
}

export interface Keeping {
  /** Whether it survives the page. */
  readonly lasts: boolean;
  readonly device: string;
  /** Which time the page was opened here. */
  readonly run: number;
  place(): Promise<Place | undefined>;
  keepPlace(place: Place): Promise<void>;
  add(happening: Happening): Promise<void>;
  /** What the server does not have yet, the oldest first. */
  pending(most: number): Promise<FollowEvent[]>;
  forget(sequences: readonly number[]): Promise<void>;
}

interface Followed {
  sequence: number;
  opened: number;
  place?: Place;
  usedAt: number;
}

interface Store extends DBSchema {
  device: { key: string; value: string };
  followed: { key: string; value: Followed };
  event: { key: [string, number]; value: { token: string; event: FollowEvent } };
}

/** So long a device keeps where a warm-up stood, ms. */
const MEMORY = 14 * 86_400_000;

/** Nobody waits longer than this for a device's storage to open, ms. */
const PATIENCE = 3000;

/** Opens what is kept of a link on this device; where nothing can be kept, the page remembers. */
export async function openKeeping(token: string): Promise<Keeping> {
  try {
    return await Promise.race([open(token), tooLong()]);
  } catch {
    return new Remembered();
  }
}

async function open(token: string): Promise<Keeping> {
  const store = await openDB<Store>("jubilee-follow", 1, {
    upgrade(db) {
      db.createObjectStore("device");
      db.createObjectStore("followed");
      db.createObjectStore("event");
    },
  });
  return Kept.open(store, token);
}

function tooLong(): Promise<never> {
  return new Promise((_, fail) => {
    setTimeout(() => fail(new Error("the device's storage does not open")), PATIENCE);
  });
}

/** In IndexedDB; numbers are given there, so that two pages of one device never share one. */
class Kept implements Keeping {
  readonly lasts = true;

  private constructor(
    private readonly store: IDBPDatabase<Store>,
    private readonly token: string,
    readonly device: string,
    readonly run: number,
  ) {}

  static async open(store: IDBPDatabase<Store>, token: string): Promise<Kept> {
    const change = store.transaction(["device", "followed", "event"], "readwrite");
    const devices = change.objectStore("device");
    let device = await devices.get("id");
    if (device === undefined) {
      device = newKey();
      await devices.put(device, "id");
    }
    const all = change.objectStore("followed");
    for (const key of await all.getAllKeys()) {
      const old = await all.get(key);
      const first: [string, number] = [key, 0];
      const waits = await change
        .objectStore("event")
        .count(IDBKeyRange.bound(first, [key, Number.MAX_SAFE_INTEGER]));
      if (key !== token && old && old.usedAt < Date.now() - MEMORY && waits === 0) {
        await all.delete(key);
      }
    }
    const before = (await all.get(token)) ?? { sequence: 0, opened: 0, usedAt: 0 };
    const opened = { ...before, opened: before.opened + 1, usedAt: Date.now() };
    await all.put(opened, token);
    await change.done;
    return new Kept(store, token, device, opened.opened);
  }

  async place(): Promise<Place | undefined> {
    return (await this.store.get("followed", this.token))?.place;
  }

  async keepPlace(place: Place): Promise<void> {
    const change = this.store.transaction("followed", "readwrite");
    const before = await change.store.get(this.token);
    if (before) await change.store.put({ ...before, place, usedAt: Date.now() }, this.token);
    await change.done;
  }

  async add(happening: Happening): Promise<void> {
    const change = this.store.transaction(["followed", "event"], "readwrite");
    const all = change.objectStore("followed");
    const before = await all.get(this.token);
    if (!before) throw new Error("this link is not kept");
    const sequence = before.sequence + 1;
    await all.put({ ...before, sequence, usedAt: Date.now() }, this.token);
    const event: FollowEvent = { ...happening, sequence, run: this.run };
    await change.objectStore("event").put({ token: this.token, event }, [this.token, sequence]);
    await change.done;
  }

  async pending(most: number): Promise<FollowEvent[]> {
    const range = IDBKeyRange.bound([this.token, 0], [this.token, Number.MAX_SAFE_INTEGER]);
    return (await this.store.getAll("event", range, most)).map((kept) => kept.event);
  }

  async forget(sequences: readonly number[]): Promise<void> {
    const change = this.store.transaction("event", "readwrite");
    await Promise.all(sequences.map((sequence) => change.store.delete([this.token, sequence])));
    await change.done;
  }
}

/** On the page alone: for a device whose storage is full or closed. */
export class Remembered implements Keeping {
  readonly lasts = false;
  readonly device = newKey();
  readonly run = 1;
  private events: FollowEvent[] = [];
  private sequence = 0;
  private at: Place | undefined;

  place(): Promise<Place | undefined> {
    return Promise.resolve(this.at);
  }

  keepPlace(place: Place): Promise<void> {
    this.at = place;
    return Promise.resolve();
  }

  add(happening: Happening): Promise<void> {
    this.sequence += 1;
    this.events.push({ ...happening, sequence: this.sequence, run: this.run });
    return Promise.resolve();
  }

  pending(most: number): Promise<FollowEvent[]> {
    return Promise.resolve(this.events.slice(0, most));
  }

  forget(sequences: readonly number[]): Promise<void> {
    this.events = this.events.filter((e) => !sequences.includes(e.sequence));
    return Promise.resolve();
  }
}
