import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { output, root, run, say } from "./run.mjs";

const asRoot = process.getuid?.() === 0;

/** Installs Debian packages, as root or through sudo, with no questions asked. */
function installDebian(packages) {
  say(`installing ${packages.join(", ")} from Debian's packages`);
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  const sudo = asRoot ? [] : ["sudo", "-n", "env", "DEBIAN_FRONTEND=noninteractive"];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, "apt-get", ...args];
    run(command, rest, { env });
  };
  try {
    apt("update", "-qq");
    apt("install", "-y", "-qq", "--no-install-recommends", ...packages);
  } catch (error) {
    throw new Error(
      `Could not install ${packages.join(", ")} (${error.message}). Install it yourself and try again.`,
      {
        cause: error,
      },
    );
  }
}

/** The npm packages of the lock file; a stamp in node_modules tells when they are already there. */
export function preparePackages() {
  const lock = readFileSync(join(root, "package-lock.json"), "utf8");
  const stamp = join(root, "node_modules", ".apron-lock");
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === lock) return;
  say("installing npm packages from the lock file");
  const ci = ["ci", "--no-audit", "--no-fund", "--loglevel=error"];
  const major = Number(output("npm", ["--version"])?.split(".")[0]);
  // Node 20 brings npm 10, which trips over optional packages in lock files that npm 11 wrote.
  if (major < 11) run("npm", ["exec", "--yes", "--package=npm@11", "--", "npm", ...ci]);
  else run("npm", ci);
  writeFileSync(stamp, lock);
}

const serverFolders = () =>
  existsSync("/usr/lib/postgresql")
    ? readdirSync("/usr/lib/postgresql")
        .sort((a, b) => Number(b) - Number(a))
        .map((version) => `/usr/lib/postgresql/${version}/bin`)
    : [];

/** The folder with PostgreSQL's own programs, installing them when there is none. */
export function preparePostgres() {
  const find = () => serverFolders().find((folder) => existsSync(join(folder, "initdb")));
  if (!find()) installDebian(["postgresql"]);
  const found = find();
  if (!found) throw new Error("PostgreSQL's programs were not found under /usr/lib/postgresql.");
  return found;
}

/** Debian's builds of Chromium that need no monitor, the lighter one first: tests take a third less time with it. */
const chromiums = ["chromium-headless-shell", "chromium"];

/** Path of Debian's Chromium, installing it when it is not there. Not every release of Debian has the lighter build. */
export function prepareChromium() {
  const [lighter, full] = chromiums;
  const find = (name) => output("which", [name]);
  const installed = (name) => {
    if (!find(name)) installDebian([name]);
    return find(name);
  };
  try {
    return installed(lighter) || installed(full);
  } catch {
    return installed(full);
  }
}

const newestIn = (folder) =>
  readdirSync(folder, { withFileTypes: true })
    .filter((entry) => !["node_modules", "dist", "test"].includes(entry.name))
    .map((entry) => {
      const path = join(folder, entry.name);
      return entry.isDirectory() ? newestIn(path) : statSync(path).mtimeMs;
    })
    .reduce((a, b) => Math.max(a, b), 0);

/** Builds web and server when any of their sources is newer than what was last built. */
export function prepareBuild() {
  const stamp = join(root, "server", "dist", ".built");
  const newest = Math.max(
    ...["core", "contract", "server", "web"].map((name) => newestIn(join(root, name))),
    statSync(join(root, "package-lock.json")).mtimeMs,
  );
  if (
    existsSync(stamp) &&
    statSync(stamp).mtimeMs > newest &&
    existsSync(join(root, "web", "dist", "index.html"))
  )
    return;
  say("building");
  run("npm", ["run", "--silent", "build"]);
  mkdirSync(join(root, "server", "dist"), { recursive: true });
  writeFileSync(stamp, new Date().toISOString());
}
