import { createHash, randomInt } from "node:crypto";

/** Crockford's base 32: no letter that is taken for a digit. */
const signs = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";
/** Ten of 32 signs: fifty bits, and a code works once and for days only. */
const length = 10;

/** A code that can be read out over a kitchen: "K7Q2M-9XPTA". */
export function newCode(): string {
  const code = Array.from({ length }, () => signs[randomInt(signs.length)]).join("");
  return `${code.slice(0, length / 2)}-${code.slice(length / 2)}`;
}

/** Only the digest is kept. As it was typed: case, spaces and hyphens do not count, O is a nought, I and L are ones. */
export function codeHash(typed: string): string {
  const plain = typed
    .toUpperCase()
    .replaceAll(/[^0-9A-Z]/g, "")
    .replaceAll("O", "0")
    .replaceAll(/[IL]/g, "1");
  return createHash("sha256").update(`invite ${plain}`).digest("hex");
}
