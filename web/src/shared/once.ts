// Forms that make something send a key of their own, so that sent twice they make one.
import { useState } from "react";

/** A random UUID; also where the page came without TLS, and browsers offer none. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  // Version and variant, RFC 9562, 5.4.
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, "0")).join("");
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})/, "$1-$2-$3-$4-");
}

/** The header of a form, and what to do when it has made something and may make another. */
export function useOnce() {
  const [key, setKey] = useState(newKey);
  return { header: { "Idempotency-Key": key }, renew: () => setKey(newKey()) };
}
