import { createHash } from "node:crypto";
import { isIP } from "node:net";
import type { Context } from "hono";
import type { Deps } from "../context/request-context.ts";

/** Tries before the first wait: who mistypes need not wait, and a family behind one address may mistype together. */
const freeOfName = 5;
const freeOfAddress = 30;

type Incoming = { readonly incoming?: { readonly socket?: { readonly remoteAddress?: string } } };

const isLoopback = (address: string): boolean => address === "::1" || /^(?:::ffff:)?127\./.test(address);

/** Who asks: the other end of the connection, or whom a proxy on this machine asks for; undefined where there is none. */
function addressOf(c: Context): string | undefined {
  const address = (c.env as Incoming | undefined)?.incoming?.socket?.remoteAddress;
  if (address === undefined || !isLoopback(address)) return address;
  const asked = c.req.header("x-forwarded-for")?.split(",").at(-1)?.trim() ?? "";
  return isIP(asked) > 0 ? asked : address;
}

/** Names are kept as digests, so that what was typed by mistake (a password) is kept nowhere. */
const ofName = (name: string): string =>
  `name ${createHash("sha256").update(name.trim().toLowerCase()).digest("base64url")}`;
const ofAddress = (address: string): string => `address ${address}`;

/** Counts a try; seconds to be waited where there were too many, else 0. The same for names that exist and that do not. */
export async function countTry(c: Context, name: string, deps: Deps): Promise<number> {
  const { authStore } = deps.database;
  const [address, now] = [addressOf(c), deps.now()];
  const wait =
    address === undefined ? 0 : await authStore.beginSignIn(ofAddress(address), freeOfAddress, now);
  return wait > 0 ? wait : authStore.beginSignIn(ofName(name), freeOfName, now);
}

/** Counts a code that was typed, right or wrong; seconds to be waited where there were too many, else 0. */
export async function countCodeTry(c: Context, deps: Deps): Promise<number> {
  const address = addressOf(c);
  if (address === undefined) return 0;
  return deps.database.authStore.beginSignIn(`code ${address}`, freeOfAddress, deps.now());
}

/** Signed in: what was mistyped before no longer counts. */
export async function forgetTries(c: Context, name: string, deps: Deps): Promise<void> {
  const { authStore } = deps.database;
  const address = addressOf(c);
  await authStore.forgetSignInTries(ofName(name));
  if (address !== undefined) await authStore.forgetSignInTries(ofAddress(address));
}
