// Our own small line icons; each stands beside its word, never alone.
import type { Sport } from "../api/types";

const PATHS: Record<Sport, string> = {
  // A foot strike and its track.
  RUN: "M5 19h14M8 15c1-4 3-8 8-9M16 6l1 4-4 1",
  // A wheel and a crank.
  RIDE: "M12 12m-7 0a7 7 0 1 0 14 0a7 7 0 1 0-14 0M12 12l4-5M14 7h4",
  // An oar over water.
  ROW: "M4 6l11 9M15 15l4 1 1 3-3-1zM3 20c2-1.500 4-1.500 6 0s4 1.500 6 0 4-1.500 6 0",
  // Waves with an arm over them.
  SWIM: "M3 17c2-1.500 4-1.500 6 0s4 1.500 6 0 4-1.500 6 0M6 12c2-5 7-7 11-3l2 3",
};

export function SportIcon({ sport, size = 20 }: { sport: Sport; size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 24 24"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.8"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden
    >
      <path d={PATHS[sport]} />
    </svg>
  );
}

export function Pennant({ size }: { size: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <path d="M5 2v21" stroke="currentColor" strokeWidth="2" strokeLinecap="round" />
      <path d="M6 3.500 20 8 6 13z" fill="var(--ember-4)" />
    </svg>
  );
}

export function Lock({ closed }: { closed: boolean }) {
  return (
    <svg
      width="16"
      height="16"
      viewBox="0 0 24 24"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.2"
      aria-hidden
    >
      <path d="M5 11h14v10H5z" fill={closed ? "currentColor" : "none"} />
      <path d={closed ? "M8 11V7a4 4 0 0 1 8 0v4" : "M8 11V6a4 4 0 0 1 7.500-2"} />
    </svg>
  );
}
