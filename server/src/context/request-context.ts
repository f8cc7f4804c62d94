import type { KeepingExperience } from "@apron/core/basket";
import type { Catalogue } from "@apron/core/catalogue";
import type { Day } from "@apron/core/measure";
import type { InputOf, ReplyOf, EndpointName } from "@apron/contract";
import type { Once } from "./once.ts";
import type { Answer } from "./refusal.ts";
import type { SessionRecord } from "./ports/kitchen.store.ts";
import type { News } from "./ports/news.ts";
import type { Workers } from "./ports/workers.ts";
import type { PriceBoard } from "./ports/price-board.ts";
import type { Database, Stores } from "./stores.ts";

/** Everything that comes from outside: opened by main, replaced at will by tests. */
export type Deps = {
  readonly database: Database;
  readonly catalogue: Catalogue;
  readonly priceBoard: PriceBoard;
  readonly workers: Workers;
  readonly news: News;
  /** When backups were made, newest first; null where whoever runs the server makes them. */
  readonly backups: () => Promise<readonly Date[] | null>;
  readonly now: () => Date;
  readonly newId: () => string;
  readonly log: (event: string, facts: Readonly<Record<string, unknown>>) => void;
  /** It is reached through TLS: cookies and browsers are told so. */
  readonly secureCookies: boolean;
  /** Of the session's cookie: two kitchens on one machine, at two ports, do not sign each other out. */
  readonly cookieName: string;
  /** Names that it may be asked under beside those of a home network. */
  readonly hosts: readonly string[];
  readonly version: string;
  /** As long as one request may search for a plan, milliseconds. */
  readonly searchMs: number;
};

/** What a use case works with: one kitchen's stores in one transaction, who asks, and the day it is. */
export type RequestContext = {
  readonly stores: Stores;
  readonly session: SessionRecord;
  readonly today: Day;
  readonly now: Date;
  /** As this kitchen sees it: its own ingredients and figures in it. */
  readonly catalogue: Catalogue;
  /** As the program ships it. */
  readonly reference: Catalogue;
  /** What this kitchen has seen go off. */
  readonly experience: KeepingExperience;
  readonly newId: () => string;
  readonly priceBoard: PriceBoard;
  readonly workers: Workers;
  readonly backups: Deps["backups"];
  /** As long as one request may search for a plan, milliseconds. */
  readonly searchMs: number;
  readonly once: Once;
};

/** A route's work: load, decide in core, save. */
export type UseCase<Name extends EndpointName> = (
  input: InputOf<Name>,
  context: RequestContext,
) => Promise<Answer<ReplyOf<Name>>>;

export type UseCases<Names extends EndpointName> = { readonly [Name in Names]: UseCase<Name> };
