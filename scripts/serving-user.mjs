import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { output, root, say } from "./run.mjs";

/** A user of the program's own where the machine has one, else the one that owns nothing. */
const users = ["apron", "nobody"];

/** What the server reads of the disk: the rest it has from its database. */
const reads = ["server/dist/main.js", "web/dist/index.html", "node_modules/hono/package.json"];

const lowestOpenPort = () => {
  try {
    return Number(readFileSync("/proc/sys/net/ipv4/ip_unprivileged_port_start", "utf8"));
  } catch {
    return 1024;
  }
};

const canServeAs = (user) =>
  spawnSync(
    process.execPath,
    [
      "-e",
      "for (const file of process.argv.slice(1)) require('fs').readFileSync(file)",
      ...reads.map((file) => join(root, file)),
    ],
    { ...user, cwd: "/" },
  ).status === 0;

/**
 * As whom the server runs: started as root it need not stay root. `port` below those that everybody may open, or a
 * folder that nobody else may read, keeps it root, and that is said. Nothing to change where we are not root.
 */
export function servingUser(port) {
  if (process.getuid?.() !== 0) return {};
  const line = users.map((name) => output("getent", ["passwd", name])).find((found) => found);
  const [name, , uid, gid] = line?.split(":") ?? [];
  const user = { uid: Number(uid), gid: Number(gid) };
  const isLow = port > 0 && port < lowestOpenPort();
  if (line && !isLow && canServeAs(user)) {
    say(`the server runs as the user ${name}`);
    return user;
  }
  say(
    isLow
      ? `the server runs as root: only root may open port ${port}`
      : "the server runs as root: no other user may read this folder",
  );
  return {};
}
