import { createHash, randomBytes } from "node:crypto";
import type { Context } from "hono";
import { deleteCookie, getCookie, setCookie } from "hono/cookie";

export const sessionDays = 30;

export const newToken = (): string => randomBytes(32).toString("base64url");

/** Only the digest is stored: a stolen database opens no sessions. */
export const tokenHash = (token: string): string => createHash("sha256").update(token).digest("hex");

/** The session's cookie: its name is the program's own, and whether it may only go over TLS. */
export type SessionCookie = { readonly cookieName: string; readonly secureCookies: boolean };

export const readToken = (
  c: Context,
  { cookieName }: Pick<SessionCookie, "cookieName">,
): string | undefined => getCookie(c, cookieName);

export function giveToken(c: Context, token: string, { cookieName, secureCookies }: SessionCookie): void {
  setCookie(c, cookieName, token, {
    httpOnly: true,
    sameSite: "Lax",
    path: "/",
    secure: secureCookies,
    maxAge: sessionDays * 24 * 60 * 60,
  });
}

export const dropToken = (c: Context, { cookieName }: Pick<SessionCookie, "cookieName">): void => {
  deleteCookie(c, cookieName, { path: "/" });
};
