import { hash, verify } from "@node-rs/argon2";
import { dictionary } from "@zxcvbn-ts/language-common";
import pLimit from "p-limit";

/**
 * Hashing is made to be slow, and runs where files are read and names looked up, too: two at a time leave the other threads to
 * them. Whoever would wait behind so many is told to come back.
 */
const atOnce = pLimit(2);
const mostWaiting = 24;

/** Too many passwords are being looked at: nobody's fault, and soon over. */
export class HashingBusy extends Error {
  constructor() {
    super("too many passwords are being looked at");
  }
}

function inTurn<Value>(work: () => Promise<Value>): Promise<Value> {
  if (atOnce.pendingCount >= mostWaiting) throw new HashingBusy();
  return atOnce(work);
}

/** argon2id with the library's defaults (OWASP's minimum or better). Throws HashingBusy. */
export const hashPassword = async (password: string): Promise<string> => inTurn(() => hash(password));

/** Verifying against nobody takes as long as against somebody, so names cannot be guessed by the clock. */
const nobody = hash("nobody has this password");

/** Throws HashingBusy. */
export async function passwordFits(stored: string | undefined, password: string): Promise<boolean> {
  const against = stored ?? (await nobody);
  const fits = await inTurn(() => verify(against, password));
  return fits && stored !== undefined;
}

const commonPasswords = new Set(dictionary["passwords-common"].map((one) => one.toLowerCase()));

/** One that everybody tries first: of a published list of those most used, one character over and over, or nothing but spaces. */
export function isCommonPassword(password: string): boolean {
  const plain = password.trim().toLowerCase();
  return commonPasswords.has(plain) || new Set(plain).size < 2;
}
