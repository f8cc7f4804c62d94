import { isIP } from "node:net";
import type { MiddlewareHandler } from "hono";
import { problemReply } from "./problem.ts";

/** Names that only a home network answers for (RFC 6761, RFC 6762, RFC 8375), and those that routers give out. */
const homeEndings = [".localhost", ".local", ".lan", ".home.arpa", ".test"];

/** Addresses that no stranger's name server can point a page at: loopback, private, link-local, unique local. */
const privateAddresses = [
  /^127\./,
  /^10\./,
  /^192\.168\./,
  /^172\.(?:1[6-9]|2\d|3[01])\./,
  /^169\.254\./,
  /^::1$/,
  /^f[cd][0-9a-f]{2}:/i,
  /^fe[89ab][0-9a-f]:/i,
];

/** "[::1]:4310", "kitchen.lan:4310" without their port and brackets, in small letters. */
function hostnameOf(host: string): string {
  const named = /^\[([^\]]+)\](?::\d+)?$/.exec(host)?.[1] ?? host.replace(/:\d+$/, "");
  return named.toLowerCase().replace(/\.$/, "");
}

/**
 * May the program be asked under this name? Under names of the home network it may: a page of a stranger's whose name is pointed at
 * it afterwards (DNS rebinding) comes under its own. `more` are names that the operator adds; "*" is any.
 */
export function isHostAllowed(host: string, more: readonly string[] = []): boolean {
  const name = hostnameOf(host);
  if (more.includes("*") || more.includes(name)) return true;
  if (isIP(name) > 0) return privateAddresses.some((range) => range.test(name));
  if (!/^[a-z0-9_.-]+$/.test(name)) return false;
  return !name.includes(".") || homeEndings.some((ending) => name.endsWith(ending));
}

/** Names of `APRON_HOSTS`, separated by commas or spaces. */
export const hostsFrom = (list: string | undefined): string[] =>
  (list ?? "")
    .split(/[\s,]+/)
    .filter(Boolean)
    .map(hostnameOf);

export const onlyAllowedHosts =
  (more: readonly string[]): MiddlewareHandler =>
  async (c, next) => {
    const host = c.req.header("host") ?? new URL(c.req.url).host;
    if (!isHostAllowed(host, more)) return problemReply(c, { status: 421, code: "host-not-allowed" });
    return next();
  };
