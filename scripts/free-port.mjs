import { randomInt } from "node:crypto";
import { readFileSync } from "node:fs";
import { createServer } from "node:net";

/** Browsers refuse some ports below (fetch.spec.whatwg.org, "bad port"). */
const firstSafe = 10_240;
const tries = 50;

/**
 * The first port that the system hands out by itself, to connections that go out and to whoever asks for any (Linux:
 * 32768 by ip(7)); Infinity where it does not say.
 */
function firstHandedOut() {
  try {
    return Number(readFileSync("/proc/sys/net/ipv4/ip_local_port_range", "utf8").trim().split(/\s+/)[0]);
  } catch {
    return Infinity;
  }
}

/** Resolves with the port that could be listened on (0: any), or undefined where it is in use. */
const listenable = (wanted) =>
  new Promise((done, fail) => {
    const probe = createServer();
    probe.on("error", (error) => (error.code === "EADDRINUSE" ? done(undefined) : fail(error)));
    probe.listen(wanted, "127.0.0.1", () => {
      const { port } = probe.address();
      probe.close(() => done(port));
    });
  });

/**
 * A port that nothing listens on just now. It is used some seconds later, and by then a connection may go out from one
 * that the system hands out: it is one below those, wherever there is room.
 */
export async function freePort() {
  const end = firstHandedOut();
  const start = Math.max(firstSafe, Math.floor(end / 2));
  for (let tried = 0; Number.isFinite(end) && start < end && tried < tries; tried++) {
    const port = await listenable(randomInt(start, end));
    if (port !== undefined) return port;
  }
  return listenable(0);
}
