import { execFileSync, spawn } from "node:child_process";
import { cpSync, mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from "node:fs";
import { availableParallelism, tmpdir } from "node:os";
import { dirname, join, relative } from "node:path";
import { build, transform } from "esbuild";
import ts from "typescript";
import { root, say } from "./run.mjs";

/**
 * `npm run mutants`: how much of core's own tests would notice a fault. Takes a sample of small faults (an operator
 * turned round, a limit moved, a condition negated), puts each into a copy of core, and runs core's tests, those of the
 * same folder first.
 *   --sample 120     so many faults, or `all`
 *   --seed 7         the same sample again; a new one each run otherwise
 *   --only keeping   only files whose path holds this, or one of these: keeping/,measure/
 *   --since main~5   only lines that changed since then
 *   --near           only with the tests of the file's own folder: fast, and harder to pass
 */
const option = (name, fallback) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? fallback : process.argv[at + 1];
};
const seed = Number(option("seed", Math.floor(Math.random() * 1e9)));
const sample = option("sample", "120");
const only = option("only", "").split(",");
const since = option("since", "");
const isNear = process.argv.includes("--near");
/** How long a run may take: at first for ever, then some times what the tests take without a fault on this machine. */
let patienceMs = 900_000;

/** Faults that change nothing that can be seen, each with its reason: they are not counted. */
const equivalents = JSON.parse(readFileSync(join(root, "scripts", "mutants-equivalent.json"), "utf8"));

const swaps = new Map([
  [ts.SyntaxKind.LessThanToken, "<="],
  [ts.SyntaxKind.LessThanEqualsToken, "<"],
  [ts.SyntaxKind.GreaterThanToken, ">="],
  [ts.SyntaxKind.GreaterThanEqualsToken, ">"],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, "!=="],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, "==="],
  [ts.SyntaxKind.PlusToken, "-"],
  [ts.SyntaxKind.MinusToken, "+"],
  [ts.SyntaxKind.AsteriskToken, "/"],
  [ts.SyntaxKind.SlashToken, "*"],
  [ts.SyntaxKind.AmpersandAmpersandToken, "||"],
  [ts.SyntaxKind.BarBarToken, "&&"],
]);

const isText = (node) =>
  ts.isStringLiteralLike(node) ||
  ts.isTemplateExpression(node) ||
  (ts.isBinaryExpression(node) && (isText(node.left) || isText(node.right)));

/** The faults of one node: what to put in place of which stretch of the file. */
function* faultsOf(node) {
  if (ts.isBinaryExpression(node)) {
    const instead = swaps.get(node.operatorToken.kind);
    // Two texts put together cannot be taken from each other.
    const isJoin = node.operatorToken.kind === ts.SyntaxKind.PlusToken && isText(node);
    if (instead && !isJoin) yield [node.operatorToken.getStart(), node.operatorToken.end, instead];
  }
  if (ts.isNumericLiteral(node)) yield [node.getStart(), node.end, String(Number(node.text) + 1)];
  if (node.kind === ts.SyntaxKind.TrueKeyword) yield [node.getStart(), node.end, "false"];
  if (node.kind === ts.SyntaxKind.FalseKeyword) yield [node.getStart(), node.end, "true"];
  if (ts.isIfStatement(node) || ts.isConditionalExpression(node)) {
    const condition = ts.isIfStatement(node) ? node.expression : node.condition;
    yield [condition.getStart(), condition.end, `!(${condition.getText()})`];
  }
}

function faultsIn(path) {
  const text = readFileSync(join(root, path), "utf8");
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const found = [];
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isTypeAliasDeclaration(node) || ts.isImportDeclaration(node)) return;
    for (const [from, to, instead] of faultsOf(node)) {
      const { line } = source.getLineAndCharacterOfPosition(from);
      const lineText = text.split("\n")[line].trim();
      found.push({ path, from, to, instead, line: line + 1, was: text.slice(from, to), lineText });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  const changed = changedLines(path);
  return changed ? found.filter(({ line }) => changed.has(line)) : found;
}

/** Core's own rules: without tests, tables and lists of exports. */
const files = readdirSync(join(root, "core/src"), { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile() && entry.name.endsWith(".ts"))
  .map((entry) => relative(root, join(entry.parentPath, entry.name)))
  .filter(
    (path) =>
      !/\.test\.ts$|\/tables\/|\/index\.ts$|reference\.ts$/.test(path) &&
      only.some((one) => path.includes(one)),
  );

/** The lines of a file that changed since a commit, 1-based; undefined where any line counts. */
function changedLines(path) {
  if (since === "") return undefined;
  const diff = execFileSync("git", ["diff", "--unified=0", since, "--", path], {
    cwd: root,
    encoding: "utf8",
  });
  return new Set(
    [...diff.matchAll(/^@@ \S+ \+(\d+)(?:,(\d+))? @@/gm)].flatMap(([, from, many = "1"]) =>
      Array.from({ length: Number(many) }, (_, i) => Number(from) + i),
    ),
  );
}

/** mulberry32: a small generator of numbers that look like chance, the same for the same seed. */
function chance(state) {
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

function drawn(all) {
  if (sample === "all") return all;
  const next = chance(seed);
  const pool = [...all];
  return Array.from({ length: Math.min(Number(sample), pool.length) }, () =>
    pool.splice(Math.floor(next() * pool.length), 1).at(0),
  );
}

/** A copy of core that may be broken, as plain JavaScript that runs without a test runner (quick-tests.mjs). */
async function workbench() {
  const folder = mkdtempSync(join(tmpdir(), "apron-mutants-"));
  for (const part of ["src", "test"])
    cpSync(join(root, "core", part), join(folder, "core", part), {
      recursive: true,
      filter: (from) => !from.endsWith(".ts"),
    });
  for (const script of ["quick-tests.mjs", "quick-tests-run.mjs"])
    cpSync(join(root, "scripts", script), join(folder, "scripts", script));
  symlinkSync(join(root, "node_modules"), join(folder, "node_modules"));
  const own = { type: "module", imports: { "#quick-tests": "./scripts/quick-tests.mjs" } };
  writeFileSync(join(folder, "package.json"), JSON.stringify(own));
  await build({
    entryPoints: sources.map((path) => join(root, path)),
    outbase: join(root, "core"),
    outdir: join(folder, "core"),
    format: "esm",
    target: "es2023",
    outExtension: { ".js": ".mjs" },
  });
  for (const path of sources) {
    const out = join(folder, asModule(path));
    writeFileSync(out, withModules(readFileSync(out, "utf8")));
  }
  return folder;
}

const sources = readdirSync(join(root, "core"), { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile() && entry.name.endsWith(".ts") && !entry.name.endsWith(".d.ts"))
  .map((entry) => relative(root, join(entry.parentPath, entry.name)))
  .filter((path) => /^core\/(?:src|test)\//.test(path));
const asModule = (path) => path.replace(/\.ts$/, ".mjs");
/** Imports as they are named in the copy; the runner's own names come from quick-tests.mjs. */
const withModules = (code) =>
  code
    .replace(/(from\s*|import\s*)"(\.[^"]*)\.ts"/g, '$1"$2.mjs"')
    .replace(/from\s*"@jest\/globals"/g, 'from "#quick-tests"');

async function putInto(folder, { path, from, to, instead }) {
  const whole = readFileSync(join(root, path), "utf8");
  const broken = whole.slice(0, from) + instead + whole.slice(to);
  const { code } = await transform(broken, { loader: "ts", format: "esm", target: "es2023" });
  const out = join(folder, asModule(path));
  const sound = readFileSync(out, "utf8");
  writeFileSync(out, withModules(code));
  return () => writeFileSync(out, sound);
}

/** How long each test file took when it last passed, milliseconds. */
const took = new Map();
/** The file that noticed the last fault: it is asked first. */
let lastNoticed = "";

function passes(folder, files) {
  return new Promise((done) => {
    const child = spawn(
      process.execPath,
      ["scripts/quick-tests-run.mjs", ...files.map((file) => join(folder, asModule(file)))],
      {
        cwd: folder,
        stdio: ["ignore", "pipe", "pipe"],
        env: { ...process.env, APRON_SEED: "1" },
      },
    );
    let said = "";
    let wrong = "";
    child.stdout.on("data", (text) => (said += text));
    child.stderr.on("data", (text) => (wrong += text));
    const timer = setTimeout(() => child.kill("SIGKILL"), patienceMs);
    child.once("exit", (code) => {
      clearTimeout(timer);
      for (const [, ms, file] of said.matchAll(/#took (\d+) (\S+)/g))
        took.set(relative(folder, file).replace(/\.mjs$/, ".ts"), Number(ms));
      done({ ok: code === 0, wrong });
    });
  });
}

const testFiles = sources.filter((path) => path.endsWith(".test.ts"));
const byTime = (one, other) => (took.get(one) ?? 0) - (took.get(other) ?? 0);

/** The tests of the file's own folder first, the quickest of them first; then all of core's. */
async function tested(folder, path) {
  const near = testFiles.filter((file) => dirname(file) === dirname(path)).sort(byTime);
  const others = testFiles.filter((file) => !near.includes(file)).sort(byTime);
  const order = isNear ? near : [...near, ...others];
  const first = order.includes(lastNoticed) && (took.get(lastNoticed) ?? 0) < quickMs ? [lastNoticed] : [];
  const { ok, wrong } = await passes(folder, [...first, ...order.filter((file) => !first.includes(file))]);
  if (!ok) lastNoticed = testFiles.find((file) => wrong.includes(asModule(file))) ?? lastNoticed;
  return ok ? "survived" : "killed";
}
const quickMs = 4000;

const nameOf = ({ path, lineText, was, instead }) => `${path}: ${lineText} [${was} -> ${instead}]`;

async function tryAll(faults) {
  const queue = [...faults];
  const outcomes = [];
  const worker = async () => {
    const folder = await workbench();
    for (let fault = queue.shift(); fault; fault = queue.shift()) {
      const mend = await putInto(folder, fault);
      const outcome = await tested(folder, fault.path);
      mend();
      outcomes.push({ fault, outcome });
      if (outcomes.length % 50 === 0) say(`${outcomes.length} of ${faults.length} tried`);
      if (outcome === "survived")
        say(`survived  ${fault.path}:${fault.line}  ${fault.was} -> ${fault.instead}   ${fault.lineText}`);
    }
    rmSync(folder, { recursive: true, force: true });
  };
  await Promise.all(Array.from({ length: Math.max(1, availableParallelism()) }, worker));
  return outcomes;
}

/** Without a fault the tests must pass in the copy: or else everything would look killed. */
const sound = await workbench();
const begun = Date.now();
const whole = await passes(sound, testFiles);
if (!whole.ok) process.stderr.write(whole.wrong);
if (!whole.ok) throw new Error("core's tests fail in the copy before anything was broken");
rmSync(sound, { recursive: true, force: true });
patienceMs = Math.max(120_000, 5 * (Date.now() - begun));

const all = files.flatMap(faultsIn).filter((fault) => !(nameOf(fault) in equivalents));
const faults = drawn(all);
say(`${faults.length} of ${all.length} faults in ${files.length} files, seed ${seed}`);
const outcomes = await tryAll(faults);
const killed = outcomes.filter(({ outcome }) => outcome === "killed").length;
const rate = Math.round((1000 * killed) / Math.max(1, outcomes.length)) / 10;
/** What people's safety hangs on: no fault may pass there. */
const strict =
  /core\/src\/(keeping\/|larder\/(use-by|hazards)|basket\/(freshness|lot-form|damp-cloth)|measure\/|catalogue\/(read-line|line-|name-|describing|find-measure|part-names|to-grams))/;
const grave = outcomes.filter(({ fault, outcome }) => outcome === "survived" && strict.test(fault.path));
for (const { fault } of grave) say(`grave: ${nameOf(fault)}`);
process.stdout.write(
  `${killed} of ${outcomes.length} killed: ${rate} % (seed ${seed}); ${grave.length} survived in keeping, units and line reading\n`,
);
process.exit(rate >= 85 && grave.length === 0 ? 0 : 1);
