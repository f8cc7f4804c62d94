import { build } from "esbuild";
import { readFileSync } from "node:fs";
const { dependencies } = JSON.parse(readFileSync("/work/main/server/package.json", "utf8"));
await build({
  absWorkingDir: "/work/main/server",
  entryPoints: { prof: "bench/prof.ts" },
  outdir: "dist",
  bundle: true,
  format: "esm",
  platform: "node",
  target: "node20",
  sourcemap: true,
  keepNames: true,
  external: Object.keys(dependencies)
    .filter((n) => !n.startsWith("@apron/"))
    .flatMap((n) => [n, `${n}/*`]),
  banner: {
    js: "import { createRequire as makeRequire } from 'node:module'; const require = makeRequire(import.meta.url);",
  },
});
