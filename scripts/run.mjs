import { spawn, spawnSync } from "node:child_process";
import { fileURLToPath } from "node:url";

/** The project's top folder. */
export const root = fileURLToPath(new URL("..", import.meta.url)).replace(/\/$/, "");

/** Says what the script is doing, on one line. */
export const say = (text) => process.stdout.write(`· ${text}\n`);

/** Runs a command to its end with its output shown; throws when it fails. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: root,
    stdio: ["ignore", "inherit", "inherit"],
    ...options,
  });
  if (error) throw error;
  if (status !== 0) throw new Error(`${command} ${args.join(" ")} ended with ${status}`);
}

/** Runs a command and returns what it printed, or undefined when it failed or is not there. */
export function output(command, args) {
  const { status, stdout } = spawnSync(command, args, { encoding: "utf8" });
  return status === 0 ? stdout.trim() : undefined;
}

/** Runs a command to its end and resolves with its exit code; its output is shown and handed to `onLine`. */
export function follow(command, args, { env = process.env, onLine = () => {}, cwd = root } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd, env, stdio: ["ignore", "pipe", "pipe"] });
    for (const [stream, out] of [
      [child.stdout, process.stdout],
      [child.stderr, process.stderr],
    ]) {
      let rest = "";
      stream.on("data", (data) => {
        out.write(data);
        const lines = (rest + data).split("\n");
        rest = lines.pop();
        lines.forEach(onLine);
      });
      stream.on("end", () => rest && onLine(rest));
    }
    child.on("error", reject);
    child.on("close", (code) => resolve(code ?? 1));
  });
}
