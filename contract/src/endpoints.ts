import { acceptedPlanEndpoints } from "./accepted-plan.ts";
import { shoppingEndpoints } from "./shopping.ts";
import { z } from "zod";
import type { Endpoint } from "./endpoint.ts";
import { basketEndpoints } from "./basket-endpoints.ts";
import * as catalogue from "./catalogue.ts";
import { IngredientDetail, IngredientSummary, ReadAmount } from "./catalogue.ts";
import { batchEndpoints } from "./batch-endpoints.ts";
import { SimulateLoad, PressScale, ScaleReading } from "./devices.ts";
import {
  ChangeKitchen,
  KitchenSettings,
  SetNameMeaning,
  SetOunceMeaning,
  Session,
  SetUp,
  SignIn,
  StartPage,
} from "./kitchen.ts";
import { Label, Larder, Withdraw, Withdrawn } from "./larder.ts";
import { Matches } from "./match.ts";
import { MealPlanInput, MealPlanWish } from "./meal-plan.ts";
import { paths, type EndpointName } from "./paths.ts";
import { ById, ByIngredient } from "./quantities.ts";
import { cookAlongEndpoints } from "./cook-along.ts";
import { peopleEndpoints } from "./people-endpoints.ts";
import { planEndpoints } from "./plan.ts";
import { recipeEndpoints } from "./recipe-endpoints.ts";
import { Today } from "./today.ts";
import * as trim from "./trim.ts";
import { PlanPurchaseQuery, PurchasePlan, RecordTrim, TrimOptions, TrimRecorded } from "./trim.ts";

export type { Endpoint } from "./endpoint.ts";

const Health = z.object({ status: z.literal("ok"), database: z.literal("answers"), version: z.string() });
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
    reply: catalogue.ShownWeight,
    status: 200,
  },
  readLines: {
    summary: "Read recipe or market lines into ingredient, amount, preparation and grams",
    body: catalogue.ReadLines,
    reply: catalogue.LinesRead,
    status: 200,
  },
  getCatalogue: {
    summary: "Every ingredient with every figure and its source, this kitchen's own among them",
    reply: catalogue.Catalogue,
    status: 200,
  },
  addIngredient: {
    summary: "Add an ingredient of this kitchen's own",
    body: catalogue.AddIngredient,
    reply: IngredientDetail,
    status: 201,
    writes: true,
  },
  setFigure: {
    summary: "Set this kitchen's own figure in place of the handbook's",
    body: catalogue.OwnFigure,
    reply: IngredientDetail,
    status: 201,
    writes: true,
  },
  dropFigure: {
    summary: "Go back to the handbook's figure",
    body: catalogue.DropFigure,
    reply: IngredientDetail,
    status: 201,
    writes: true,
  },
  chainYields: {
    summary: "Raw to plate: trimming and cooking multiplied, dry matter conserved",
    body: catalogue.ChainQuery,
    reply: catalogue.Chained,
    status: 200,
  },
  weighTray: {
    summary: "Mass factor of food roasted with oil and salt, and its water after",
    body: catalogue.TrayWeighing,
    reply: catalogue.TrayWeighed,
    status: 200,
  },
  getKitchen: {
    summary: "Everything this kitchen has decided about itself",
    reply: KitchenSettings,
    status: 200,
  },
  changeKitchen: {
    summary: "Change what is said; the rest stays as it is",
    body: ChangeKitchen,
    reply: Session,
    status: 201,
    writes: true,
  },
  setOunceMeaning: {
    summary: 'Say what "oz" of something pourable means here',
    body: SetOunceMeaning,
    reply: Session,
    status: 201,
    writes: true,
  },
  setNameMeaning: {
    summary: "Say which food a name means here, or forget it",
    body: SetNameMeaning,
    reply: Session,
    status: 201,
    writes: true,
  },
  today: { summary: "What to use first, what is due, what to make", reply: Today, status: 200 },
  ...basketEndpoints,
  trimOptions: {
    summary: "Ways to trim a lot and what each should give",
    params: ById,
    reply: TrimOptions,
    status: 200,
  },
  recordTrim: { summary: "Record a trim", body: RecordTrim, reply: TrimRecorded, status: 201, writes: true },
  withdrawTrim: {
    summary: "Withdraw a weighing: it no longer counts",
    params: ById,
    body: trim.WithdrawTrim,
    reply: trim.TrimWithdrawn,
    status: 201,
    writes: true,
  },
  prepareLots: {
    summary: "Trim several lots by estimate, all or none: what a recipe needs of them",
    body: trim.PrepareLots,
    reply: trim.LotsPrepared,
    status: 201,
    writes: true,
  },
  withdrawTrims: {
    summary: "Withdraw several trims in one act",
    body: trim.WithdrawTrims,
    reply: trim.TrimsWithdrawn,
    status: 201,
    writes: true,
  },
  compareBuys: {
    summary: "Ways to buy side by side, by what 100 usable grams cost",
    body: trim.CompareBuys,
    reply: trim.BuysCompared,
    status: 200,
  },
  planPurchase: {
    summary: "How much to pick or buy for a usable amount",
    query: PlanPurchaseQuery,
    reply: PurchasePlan,
    status: 200,
  },
  ...recipeEndpoints,
  ...planEndpoints,
  ...cookAlongEndpoints,
  listMatches: { summary: "Recipes ranked by the surplus they rescue", reply: Matches, status: 200 },
  mealPlanInput: {
    summary: "The coming days as one value: what there is, what could be cooked of it, who eats how much",
    body: MealPlanWish,
    reply: MealPlanInput,
    status: 200,
  },
  ...acceptedPlanEndpoints,
  ...shoppingEndpoints,
  ...batchEndpoints,
  ...peopleEndpoints,
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
  simulateLoad: {
    summary: "Pile produce on the simulated scale",
    body: SimulateLoad,
    reply: ScaleReading,
    status: 200,
  },
  pressScale: {
    summary: "Press a key of the simulated scale",
    body: PressScale,
    reply: ScaleReading,
    status: 200,
  },
  streamLive: {
    summary:
      "All that is live as server-sent events: `reading` of the scale, `kitchen` with its revision after each write",
    reply: ScaleReading,
    status: 200,
    media: "text/event-stream",
  },
} as const satisfies Readonly<Record<EndpointName, Endpoint>>;

type Endpoints = typeof endpoints;
/** Routes that change something: they carry a key, and the browser sends them through its outbox alone. */
export type WriteName = {
  [Name in EndpointName]: Endpoints[Name] extends { readonly writes: true } ? Name : never;
}[EndpointName];
export type ReadName = Exclude<EndpointName, WriteName>;

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
