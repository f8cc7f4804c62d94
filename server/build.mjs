import { build } from "esbuild";
import { readFileSync } from "node:fs";

const { dependencies } = JSON.parse(readFileSync(new URL("package.json", import.meta.url), "utf8"));
const external = Object.keys(dependencies).filter((name) => !name.startsWith("@apron/"));

await build({
  absWorkingDir: new URL(".", import.meta.url).pathname,
  entryPoints: {
    main: "src/main.ts",
    worker: "src/workers/worker.ts",
    "reset-password": "src/commands/reset-password.ts",
    bench: "bench/bench.ts",
    "bench-floods": "bench/floods.ts",
    "load-worker": "bench/load-worker.ts",
    "watch-worker": "bench/watch-worker.ts",
  },
  outdir: "dist",
  bundle: true,
  format: "esm",
  platform: "node",
  target: "node20",
  splitting: true,
  sourcemap: true,
  keepNames: true,
  external: external.flatMap((name) => [name, `${name}/*`]),
  // Bundled CommonJS (the core's statistics library) asks for require.
  banner: {
    js: "import { createRequire as makeRequire } from 'node:module'; const require = makeRequire(import.meta.url);",
  },
  logLevel: "warning",
});
