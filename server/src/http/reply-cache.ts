import { createHash } from "node:crypto";
import { gzipSync } from "node:zlib";
import { LRUCache } from "lru-cache";
import type { Answer } from "../context/refusal.ts";

/** The JSON of a reply to a read, as bytes, ready to be sent again; its tag is of what it says, whoever counts the revisions. */
export type CachedReply = {
  readonly body: Uint8Array<ArrayBuffer>;
  readonly etag: string;
  /** The same bytes compressed, once, when first asked for; undefined where it would not pay. */
  readonly gzip: () => Uint8Array<ArrayBuffer> | undefined;
};

/** Replies that are being worked out: whoever asks the same meanwhile waits for the same answer. */
export type RepliesUnderway = Map<string, Promise<Answer<CachedReply>>>;

/** A key names the kitchen's revision, so an entry can never be out of date. */
export type ReplyCache = LRUCache<string, CachedReply>;

const mostBytes = 64 * 1024 * 1024;
const worthCompressing = 1024;
/** Fast rather than small: most of the gain comes with the first steps. */
const gzipLevel = 5;

export const replyCache = (): ReplyCache =>
  new LRUCache({
    maxSize: mostBytes,
    sizeCalculation: ({ body }, key) => Math.ceil(body.byteLength * 1.3) + key.length * 2 + 200,
  });

export function cachedReply(json: string): CachedReply {
  const body = new TextEncoder().encode(json);
  const digest = createHash("sha256").update(body).digest("base64url").slice(0, 22);
  let zipped: Uint8Array<ArrayBuffer> | undefined;
  return {
    body,
    etag: `W/"${digest}"`,
    gzip: () => {
      if (body.byteLength < worthCompressing) return undefined;
      return (zipped ??= new Uint8Array(gzipSync(body, { level: gzipLevel })));
    },
  };
}
