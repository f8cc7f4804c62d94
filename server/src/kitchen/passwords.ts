import { hash, verify } from "@node-rs/argon2";

/** argon2id with the library's defaults (OWASP's minimum or better). */
export const hashPassword = (password: string): Promise<string> => hash(password);

/** Verifying against nobody takes as long as against somebody, so names cannot be guessed by the clock. */
const nobody = hash("nobody has this password");

export const passwordFits = async (stored: string | undefined, password: string): Promise<boolean> => {
  const fits = await verify(stored ?? (await nobody), password);
  return fits && stored !== undefined;
};
