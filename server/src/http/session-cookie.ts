import { createHash, randomBytes } from "node:crypto";
import type { Context } from "hono";
import { deleteCookie, getCookie, setCookie } from "hono/cookie";

const cookieName = "apron_session";
export const sessionDays = 30;

export const newToken = (): string => randomBytes(32).toString("base64url");

/** Only the digest is stored: a stolen database opens no sessions. */
export const tokenHash = (token: string): string => createHash("sha256").update(token).digest("hex");

export const readToken = (c: Context): string | undefined => getCookie(c, cookieName);

export function giveToken(c: Context, token: string, secure: boolean): void {
  setCookie(c, cookieName, token, {
    httpOnly: true,
    sameSite: "Lax",
    path: "/",
    secure,
    maxAge: sessionDays * 24 * 60 * 60,
  });
}

export const dropToken = (c: Context): void => {
  deleteCookie(c, cookieName, { path: "/" });
};
