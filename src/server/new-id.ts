import { randomBytes } from "node:crypto";

const LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

/** A short id that is safe in addresses and not guessable: 12 characters, 59 bits. */
export function newId(prefix: string): string {
  return prefix + [...randomBytes(12)].map((byte) => LETTERS[byte % LETTERS.length]).join("");
}
