// How things stand between this page and the server, told by every answer.

export type Standing = "WELL" | "SERVER_AWAY" | "DATABASE_AWAY" | "SIGNED_OUT";

/** Refusals of these say that a password is wrong, not that one is signed out. */
const ARRIVALS = ["/api/sign-in", "/api/set-up", "/api/invitations", "/api/password-links"];

const BAD = 400;
const UNAUTHORIZED = 401;
const UNAVAILABLE = 503;

let standing: Standing = "WELL";
const listeners = new Set<() => void>();

export const standingNow = (): Standing => standing;

export function onStanding(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function setStanding(next: Standing): void {
  if (next === standing) return;
  standing = next;
  for (const listener of listeners) listener();
}

/** Notes what an answer tells; 0 is none at all. */
export function heard(path: string, status: number): void {
  if (status === 0) setStanding("SERVER_AWAY");
  else if (status === UNAVAILABLE) setStanding("DATABASE_AWAY");
  else if (status === UNAUTHORIZED && !ARRIVALS.some((p) => path.startsWith(p)))
    setStanding("SIGNED_OUT");
  else if (standing !== "SIGNED_OUT") setStanding("WELL");
  // Whoever is signed out stays so until a sign-in succeeds, whatever else is answered.
  else if (path === "/api/sign-in" && status < BAD) setStanding("WELL");
}
