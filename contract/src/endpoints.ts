import { z } from "zod";
import { GoneOff, CorrectLot, LogLot, Lot, LotChanged, LotDetail, LotPage, LotsQuery } from "./basket.ts";
import { IngredientDetail, IngredientSummary, ReadAmount, Weight } from "./catalogue.ts";
import { FinishMake, MakePlan, PlanMake } from "./cook.ts";
import { PileOnScale, ScaleReading } from "./devices.ts";
import { Session, SetUp, SignIn, StartPage } from "./kitchen.ts";
import { BatchMade, Label, Larder, Withdraw, Withdrawn } from "./larder.ts";
import { Matches } from "./match.ts";
import { paths, type EndpointName } from "./paths.ts";
import { ById } from "./quantities.ts";
import { ByRecipe, Recipe, RecipeSummary } from "./recipes.ts";
import { Today } from "./today.ts";
import { PlanPurchaseQuery, PurchasePlan, RecordTrim, TrimOptions, TrimRecorded } from "./trim.ts";

/** What one route takes and gives. `open` routes need no session; `writes` routes need an idempotency key. */
export type Endpoint = {
  readonly summary: string;
  readonly params?: z.ZodObject;
  readonly query?: z.ZodObject;
  readonly body?: z.ZodObject;
  readonly reply: z.ZodType;
  readonly status: 200 | 201;
  readonly open?: true;
  readonly writes?: true;
};

const Health = z.object({ status: z.literal("ok"), database: z.literal("answers"), version: z.string() });
const ByIngredient = z.object({ id: z.string().min(1).max(60) });
const Done = z.object({ done: z.literal(true) });

export const endpoints = {
  health: { summary: "Is the service and its database up?", reply: Health, status: 200, open: true },
  startPage: { summary: "What the first page offers", reply: StartPage, status: 200, open: true },
  setUp: { summary: "First account and kitchen", body: SetUp, reply: Session, status: 201, open: true },
  signIn: { summary: "Sign in", body: SignIn, reply: Session, status: 201, open: true },
  signInDemo: { summary: "Sign in as the demo cook", reply: Session, status: 201, open: true },
  currentSession: { summary: "Who is signed in", reply: Session, status: 200 },
  signOut: { summary: "Sign out", reply: Done, status: 200, open: true },
  listIngredients: { summary: "All ingredients by name", reply: z.array(IngredientSummary), status: 200 },
  getIngredient: {
    summary: "One ingredient with its measures",
    params: ByIngredient,
    reply: IngredientDetail,
    status: 200,
  },
  readAmount: {
    summary: "Read an amount into grams with a range",
    body: ReadAmount,
    reply: Weight,
    status: 200,
  },
  today: { summary: "What to use first, what is due, what to make", reply: Today, status: 200 },
  listLots: { summary: "Lots on hand, use first first", query: LotsQuery, reply: LotPage, status: 200 },
  logLot: { summary: "Log what came in", body: LogLot, reply: Lot, status: 201, writes: true },
  getLot: { summary: "One lot with its ledger", params: ById, reply: LotDetail, status: 200 },
  goneOff: {
    summary: "Record all that is left of a lot as spoiled",
    params: ById,
    body: GoneOff,
    reply: LotChanged,
    status: 201,
    writes: true,
  },
  correctLot: {
    summary: "Correct a lot, with a reason",
    params: ById,
    body: CorrectLot,
    reply: LotChanged,
    status: 201,
    writes: true,
  },
  trimOptions: {
    summary: "Ways to trim a lot and what each should give",
    params: ById,
    reply: TrimOptions,
    status: 200,
  },
  recordTrim: { summary: "Record a trim", body: RecordTrim, reply: TrimRecorded, status: 201, writes: true },
  planPurchase: {
    summary: "How much to pick or buy for a usable amount",
    query: PlanPurchaseQuery,
    reply: PurchasePlan,
    status: 200,
  },
  listMatches: { summary: "Recipes ranked by the surplus they rescue", reply: Matches, status: 200 },
  listRecipes: { summary: "All recipes", reply: z.array(RecipeSummary), status: 200 },
  getRecipe: { summary: "One recipe's formula", params: ByRecipe, reply: Recipe, status: 200 },
  planMake: {
    summary: "Scale a recipe and fill it from stock",
    body: PlanMake,
    reply: MakePlan,
    status: 200,
  },
  finishMake: {
    summary: "Record what was made: draws the lots down and fills containers",
    body: FinishMake,
    reply: BatchMade,
    status: 201,
    writes: true,
  },
  listLarder: { summary: "Containers, first expiring first", reply: Larder, status: 200 },
  withdraw: {
    summary: "Take a portion, or some grams, out of a container",
    params: ById,
    body: Withdraw,
    reply: Withdrawn,
    status: 201,
    writes: true,
  },
  undoWithdrawal: {
    summary: "Put a withdrawal back",
    params: ById,
    reply: Withdrawn,
    status: 201,
    writes: true,
  },
  getLabel: { summary: "What the label of a container says", params: ById, reply: Label, status: 200 },
  readScale: { summary: "The simulated scale's display", reply: ScaleReading, status: 200 },
  pileOnScale: {
    summary: "Pile produce on the simulated scale",
    body: PileOnScale,
    reply: ScaleReading,
    status: 200,
  },
  tareScale: { summary: "Tare the simulated scale", reply: ScaleReading, status: 200 },
} as const satisfies Readonly<Record<EndpointName, Endpoint>>;

type Endpoints = typeof endpoints;
type Part<
  Name extends EndpointName,
  Key extends string,
  Infer extends "in" | "out",
> = Endpoints[Name] extends {
  readonly [K in Key]: infer Schema extends z.ZodType;
}
  ? { readonly [K in Key]: Infer extends "in" ? z.input<Schema> : z.output<Schema> }
  : { readonly [K in Key]?: undefined };

/** What a client sends to a route (defaults may be left out). */
export type RequestOf<Name extends EndpointName> = Part<Name, "params", "in"> &
  Part<Name, "query", "in"> &
  Part<Name, "body", "in">;

/** What a handler receives after validation. */
export type InputOf<Name extends EndpointName> = Part<Name, "params", "out"> &
  Part<Name, "query", "out"> &
  Part<Name, "body", "out">;

export type ReplyOf<Name extends EndpointName> = z.output<Endpoints[Name]["reply"]>;

export const routeOf = (name: EndpointName): readonly ["get" | "post" | "delete", string] => paths[name];
