// All that these pages know of a sport: its words and its sign.
import type { Prior, Sport } from "../api/types";

interface Room {
  name: string;
  athletes: string;
  /** How one moves in it, as prior exercise names it. */
  movement: Prior["movement"];
  /** Whether its figures are watts rather than a speed. */
  isByPower: boolean;
  /** Lines of its sign, on a field of 24 by 24. */
  sign: string;
}

const ROOMS: Record<Sport, Room> = {
  RUN: {
    name: "Run",
    athletes: "runners",
    movement: "RUNNING",
    isByPower: false,
    // A foot strike and its track.
    sign: "M5 19h14M8 15c1-4 3-8 8-9M16 6l1 4-4 1",
  },
  RIDE: {
    name: "Ride",
    athletes: "riders",
    movement: "RIDING",
    isByPower: true,
    // A wheel and a crank.
    sign: "M12 12m-7 0a7 7 0 1 0 14 0a7 7 0 1 0-14 0M12 12l4-5M14 7h4",
  },
  ROW: {
    name: "Row",
    athletes: "rowers",
    movement: "ROWING",
    isByPower: true,
    // An oar over water.
    sign: "M4 6l11 9M15 15l4 1 1 3-3-1zM3 20c2-1.500 4-1.500 6 0s4 1.500 6 0 4-1.500 6 0",
  },
  SWIM: {
    name: "Swim",
    athletes: "swimmers",
    movement: "SWIMMING",
    isByPower: false,
    // Waves with an arm over them.
    sign: "M3 17c2-1.500 4-1.500 6 0s4 1.500 6 0 4-1.500 6 0M6 12c2-5 7-7 11-3l2 3",
  },
};

export const ALL_SPORTS = Object.keys(ROOMS) as Sport[];

function ofEach<T>(what: (room: Room) => T): Record<Sport, T> {
  return Object.fromEntries(ALL_SPORTS.map((s) => [s, what(ROOMS[s])])) as Record<Sport, T>;
}

export const SPORTS = ofEach((room) => room.name);
export const ATHLETES_OF = ofEach((room) => room.athletes);
export const MOVEMENT_OF = ofEach((room) => room.movement);
export const SIGNS = ofEach((room) => room.sign);

export function isByPower(sport: Sport) {
  return ROOMS[sport].isByPower;
}
