import { routeOf } from "@apron/contract";
import type { Hono } from "hono";
import type { Deps } from "../context/request-context.ts";
import { problemReply } from "./problem.ts";
import { sessionOf } from "./sessions.ts";

/** A dish's photo as bytes. Its address changes with the picture, so that a browser may keep it. */
export function mountPhotos(app: Hono, deps: Deps): void {
  const [, path] = routeOf("getPhoto");
  app.get(path.replace("{id}", ":id"), async (c) => {
    const session = await sessionOf(c, deps);
    if (!session) return problemReply(c, { status: 401, code: "session-expired" });
    const recipeId = c.req.param("id") ?? "";
    const photo = await deps.database.read(session.kitchen.id, (stores) => stores.photos.get(recipeId));
    if (!photo) return problemReply(c, { status: 404, code: "photo-unknown" });
    return c.body(Uint8Array.from(photo.bytes), 200, {
      "content-type": photo.mediaType,
      "cache-control": "private, max-age=31536000, immutable",
      etag: `"${photo.digest.slice(0, 16)}"`,
    });
  });
}
