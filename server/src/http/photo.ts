import type { EndpointName } from "@apron/contract";
import type { Context, Hono } from "hono";
import type { SessionRecord } from "../context/ports/kitchen.store.ts";
import type { Stores } from "../context/stores.ts";
import type { Deps } from "../context/request-context.ts";
import { problemReply } from "./problem.ts";
import { sessionRoute } from "./session-route.ts";

type Picture = { readonly mediaType: string; readonly bytes: Uint8Array; readonly digest: string };

/** A picture as bytes. Its address changes with the picture, so that a browser may keep it. */
function mountPictures(
  app: Hono,
  name: EndpointName,
  { deps, find }: { deps: Deps; find: (stores: Stores, id: string) => Promise<Picture | undefined> },
): void {
  const answer = async (c: Context, session: SessionRecord): Promise<Response> => {
    const id = c.req.param("id") ?? "";
    const photo = await deps.database.read(session.kitchen.id, (stores) => find(stores, id));
    if (!photo) return problemReply(c, { status: 404, code: "photo-unknown" });
    return c.body(Uint8Array.from(photo.bytes), 200, {
      "content-type": photo.mediaType,
      "cache-control": "private, max-age=31536000, immutable",
      etag: `"${photo.digest.slice(0, 16)}"`,
    });
  };
  sessionRoute(app, name, { deps, answer });
}

const isUuid = (id: string): boolean => /^[\da-f]{8}(?:-[\da-f]{4}){3}-[\da-f]{12}$/i.test(id);

/** Photos of dishes, and of what was made. */
export function mountPhotos(app: Hono, deps: Deps): void {
  mountPictures(app, "getPhoto", { deps, find: ({ photos }, id) => photos.get(id) });
  const find = async ({ photos }: Stores, id: string) => (isUuid(id) ? photos.ofBatch(id) : undefined);
  mountPictures(app, "getBatchPhoto", { deps, find });
}
