import { setTimeout as pause } from "node:timers/promises";
import type { MiddlewareHandler } from "hono";

/** A family that signs in together is answered at once. */
const mostAtOnce = 8;
const heldMs = 1000;

/**
 * Where many are underway at once, who is told to wait is told so a second later: whoever asks again and again has
 * that many requests a second at most, and they cost next to nothing while they are held.
 */
export function holdBack(): MiddlewareHandler {
  let underway = 0;
  return async (c, next) => {
    underway++;
    try {
      await next();
      const isRefused = c.res.status === 429 || c.res.status === 503;
      if (isRefused && underway > mostAtOnce) await pause(heldMs);
    } finally {
      underway--;
    }
  };
}
