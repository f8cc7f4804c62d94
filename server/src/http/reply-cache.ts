import { LRUCache } from "lru-cache";

/** JSON of replies to reads. A key names the kitchen's revision, so an entry can never be out of date. */
export type ReplyCache = LRUCache<string, string>;

const mostCharacters = 64 * 1024 * 1024;

export const replyCache = (): ReplyCache =>
  new LRUCache({ maxSize: mostCharacters, sizeCalculation: (json) => json.length + 1 });
