export {
  endpoints,
  routeOf,
  type Endpoint,
  type InputOf,
  type ReadName,
  type ReplyOf,
  type RequestOf,
  type WriteName,
} from "./endpoints.ts";
export { idempotencyHeader, type EndpointName } from "./paths.ts";
export { entryIssue, type EntryIssue } from "./issues.ts";
export { Problem } from "./problem.ts";
export { Formula, type NewFormula } from "./formula.ts";
export type { CookingPlaces } from "./cooking-places.ts";
export type { Bed, LogIntake, Lot, LotDetail, LotPage, LogLot, LotsImported, LotsQuery } from "./basket.ts";
export type {
  CatalogueReply,
  IngredientDetail,
  IngredientFacts,
  IngredientSummary,
  LineReading,
  OwnFigure,
} from "./catalogue.ts";
export type {
  ContainerOption,
  FinishMake,
  MakePart,
  MakePlan,
  PartApart,
  PlanMake,
  TonightsChanges,
  UseBy,
} from "./cook.ts";
export type { ScaleReading } from "./devices.ts";
export { AddIngredient } from "./catalogue.ts";
export { ChangeKitchen, KitchenRow, SetUp } from "./kitchen.ts";
export type { Eater, Kitchen, KitchenSettings, Session, StartPage } from "./kitchen.ts";
export type {
  BatchesCompared,
  BatchList,
  BatchMade,
  BatchSummary,
  BatchView,
  Container,
  Label,
  Larder,
  Withdrawn,
} from "./larder.ts";
export type { Match, Matches, MatchLimit } from "./match.ts";
export type { AcceptedDish, AcceptedPlan, AcceptMealPlan, PastPlan, PlanProof } from "./accepted-plan.ts";
export type { ShoppingItem, ShoppingList } from "./shopping.ts";
export {
  mostMinutes,
  mostPeople,
  mostTimesOfAKind,
  type MealPlanInput,
  type MealPlanWish,
} from "./meal-plan.ts";
export type { TimesOfFood } from "./cook-times.ts";
export type { CookAct, CookAlong, CookEvent } from "./cook-along.ts";
export type {
  PlanDraft,
  PlanExplained,
  PlanSchedule,
  PlanSummary,
  PlanTask,
  PlanWish,
  SavedPlan,
  SchedulingProblem,
  SolvedPlan,
} from "./plan.ts";
export type {
  Caution,
  OpenQuestion,
  Recipe,
  RecipeAdapted,
  RecipesImported,
  RecipeSummary,
  RecipeVersions,
} from "./recipes.ts";
export { ChangePassword, PersonName, NewPassword } from "./people.ts";
export type {
  AcceptInvite,
  InviteMade,
  InviteSeen,
  KitchenList,
  MemberRole,
  Members,
  SecurityEvents,
  SessionList,
} from "./people.ts";
export type { PlateView } from "./plate.ts";
export type { Today } from "./today.ts";
export type {
  PurchasePlan,
  RecordTrim,
  TrimMethod,
  TrimOptions,
  TrimRecorded,
  TrimWithdrawn,
} from "./trim.ts";
