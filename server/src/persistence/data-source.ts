import { DataSource } from "typeorm";
import { FirstKitchen1764000000000 } from "./migrations/1764000000000-first-kitchen.ts";
import { BasketAndTrim1764100000000 } from "./migrations/1764100000000-basket-and-trim.ts";
import { RecipesInFull1764200000000 } from "./migrations/1764200000000-recipes-in-full.ts";
import {
  BatchInputTable,
  BatchTable,
  ContainerTable,
  RecipeTable,
  RecipeVersionTable,
  WithdrawalTable,
} from "./tables/batch.table.ts";
import {
  KitchenTable,
  MemberTable,
  ScaleTable,
  ServedRequestTable,
  SessionTable,
} from "./tables/kitchen.table.ts";
import { BedTable } from "./tables/bed.table.ts";
import { EntryTable, LotTable, TrimPartTable, TrimTable, TrimWithdrawalTable } from "./tables/lot.table.ts";
import { OwnFigureTable, OwnIngredientTable } from "./tables/own.table.ts";

const entities = [
  KitchenTable,
  MemberTable,
  SessionTable,
  ServedRequestTable,
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
  BatchTable,
  BatchInputTable,
  ContainerTable,
  WithdrawalTable,
];

/** A connection pool to one database; `poolSize` connections at most. */
export const dataSourceFor = (url: string, poolSize: number): DataSource =>
  new DataSource({
    type: "postgres",
    url,
    entities,
    migrations: [FirstKitchen1764000000000, BasketAndTrim1764100000000, RecipesInFull1764200000000],
    migrationsTransactionMode: "all",
    installExtensions: false,
    extra: { max: poolSize },
  });
