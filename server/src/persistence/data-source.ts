import { DataSource } from "typeorm";
import { FirstKitchen1764000000000 } from "./migrations/1764000000000-first-kitchen.ts";
import { BasketAndTrim1764100000000 } from "./migrations/1764100000000-basket-and-trim.ts";
import { RecipesInFull1764200000000 } from "./migrations/1764200000000-recipes-in-full.ts";
import { PlainWords1764300000000 } from "./migrations/1764300000000-plain-words.ts";
import { CookedAmounts1764500000000 } from "./migrations/1764500000000-cooked-amounts.ts";
import { PiecesAsBought1764400000000 } from "./migrations/1764400000000-pieces-as-bought.ts";
import { PartsAndPieces1764600000000 } from "./migrations/1764600000000-parts-and-pieces.ts";
import { Plans1764700000000 } from "./migrations/1764700000000-plans.ts";
import { CookEvents1764800000000 } from "./migrations/1764800000000-cook-events.ts";
import { CookTimes1765000000000 } from "./migrations/1765000000000-cook-times.ts";
import { PartsApart1765100000000 } from "./migrations/1765100000000-parts-apart.ts";
import { SignInTries1765200000000 } from "./migrations/1765200000000-sign-in-tries.ts";
import { SeveralCooks1765300000000 } from "./migrations/1765300000000-several-cooks.ts";
import { AcceptedPlans1765400000000 } from "./migrations/1765400000000-accepted-plans.ts";
import { BatchCourse1764900000000 } from "./migrations/1764900000000-batch-course.ts";
import {
  BatchInputTable,
  BatchPhotoTable,
  BatchTable,
  ContainerTable,
  WithdrawalTable,
} from "./tables/batch.table.ts";
import { IdempotencyRecordTable, KitchenTable, ScaleTable } from "./tables/kitchen.table.ts";
import {
  AccountTable,
  InviteTable,
  MemberTable,
  SecurityEventTable,
  SessionTable,
} from "./tables/people.table.ts";
import { BedTable } from "./tables/bed.table.ts";
import { DressingWeighingTable, SpoilageTable } from "./tables/lesson.table.ts";
import { EntryTable, LotTable } from "./tables/lot.table.ts";
import { OwnFigureTable, OwnIngredientTable } from "./tables/own.table.ts";
import { CookEventTable } from "./tables/cook-event.table.ts";
import { CookTimeTable } from "./tables/cook-time.table.ts";
import { MealPlanTable, PlannedDishTable, ShoppingItemTable } from "./tables/meal-plan.table.ts";
import { PlanTable } from "./tables/plan.table.ts";
import { RecipePhotoTable, RecipeTable, RecipeVersionTable } from "./tables/recipe.table.ts";
import { TrimPartTable, TrimTable, TrimWithdrawalTable } from "./tables/trim.table.ts";

const entities = [
  KitchenTable,
  AccountTable,
  MemberTable,
  SessionTable,
  InviteTable,
  SecurityEventTable,
  IdempotencyRecordTable,
  ScaleTable,
  LotTable,
  EntryTable,
  TrimTable,
  TrimPartTable,
  TrimWithdrawalTable,
  BedTable,
  OwnIngredientTable,
  OwnFigureTable,
  RecipeTable,
  RecipeVersionTable,
  RecipePhotoTable,
  DressingWeighingTable,
  SpoilageTable,
  PlanTable,
  CookEventTable,
  CookTimeTable,
  BatchTable,
  BatchInputTable,
  BatchPhotoTable,
  ContainerTable,
  WithdrawalTable,
  MealPlanTable,
  PlannedDishTable,
  ShoppingItemTable,
];

/** As long as a request waits for a connection, and for one query: then the database counts as away. */
export const requestPatience = { connectionTimeoutMillis: 5000, query_timeout: 60_000 } as const;

/** A connection pool to one database; `poolSize` connections at most. A migration takes as long as it takes. */
export const dataSourceFor = (
  url: string,
  poolSize: number,
  patience: Partial<typeof requestPatience> = {},
): DataSource =>
  new DataSource({
    type: "postgres",
    url,
    entities,
    migrations: [
      FirstKitchen1764000000000,
      BasketAndTrim1764100000000,
      RecipesInFull1764200000000,
      PlainWords1764300000000,
      PiecesAsBought1764400000000,
      CookedAmounts1764500000000,
      PartsAndPieces1764600000000,
      Plans1764700000000,
      CookEvents1764800000000,
      BatchCourse1764900000000,
      CookTimes1765000000000,
      PartsApart1765100000000,
      SignInTries1765200000000,
      SeveralCooks1765300000000,
      AcceptedPlans1765400000000,
    ],
    migrationsTransactionMode: "all",
    installExtensions: false,
    extra: { max: poolSize, ...patience },
  });
