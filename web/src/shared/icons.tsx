// Our own small line icons; each stands beside its word, never alone.
import type { Sport } from "../api/types";
import { SIGNS } from "./sports";

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
      <path d={SIGNS[sport]} />
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
