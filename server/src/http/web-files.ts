import { serveStatic } from "@hono/node-server/serve-static";
import type { Hono } from "hono";

/** The web application's own files, where nothing else answers: assets are kept for a year, every other path is its page. */
export function mountWebFiles(app: Hono, root: string): void {
  app.use("/assets/*", async (c, next) => {
    await next();
    if (c.res.status === 200) c.header("cache-control", "public, max-age=31536000, immutable");
  });
  app.use("*", serveStatic({ root }));
  // An asset of another version is not there: the page instead of it would be kept for a year.
  app.get("/assets/*", (c) => c.text("Not found", 404, { "cache-control": "no-store" }));
  app.get("*", serveStatic({ root, path: "index.html" }));
}
