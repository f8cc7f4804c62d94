import type { Result } from "@apron/core/measure";
import { LRUCache } from "lru-cache";
import type { DataSource, EntityManager } from "typeorm";
import { conflict, type Refusal } from "../context/refusal.ts";
import type { Database, Stores, WriteClaim } from "../context/stores.ts";
import { enterKitchen, enterToChange } from "./enter-kitchen.ts";
import { bedStoreOf } from "./stores/bed.store.ts";
import { dressingWeighingStoreOf } from "./stores/dressing-weighing.store.ts";
import { accountStoreOf } from "./stores/account.store.ts";
import { peopleStoreOf } from "./stores/people.store.ts";
import { mealPlanStoreOf, shoppingStoreOf } from "./stores/meal-plan.store.ts";
import { planStoreOf } from "./stores/plan.store.ts";
import { photoStoreOf } from "./stores/photo.store.ts";
import { spoilageStoreOf } from "./stores/spoilage.store.ts";
import { authStoreOf } from "./stores/auth.store.ts";
import type { Doing } from "../context/ports/news.ts";
import { sqlState } from "../context/sql-state.ts";
import { kitchenStoreOf } from "./stores/kitchen.store.ts";
import { larderStoreOf } from "./stores/larder.store.ts";
import { lotStoreOf } from "./stores/lot.store.ts";
import { ownStoreOf } from "./stores/own.store.ts";
import { recipeStoreOf, type KnownVersions } from "./stores/recipe.store.ts";
import { scaleStoreOf } from "./stores/scale.store.ts";
import { wholeKitchenStoreOf } from "./stores/whole-kitchen.store.ts";
import { trimStoreOf } from "./stores/trim.store.ts";

/** SQLSTATEs that mean "someone was quicker or the ledger says no", never a bug of ours. */
const refusalOfState: Readonly<Record<string, string>> = {
  "23514": "ledger-refused",
  "23505": "already-there",
};

class RolledBack<Value> extends Error {
  constructor(readonly answer: Result<Value, Refusal>) {
    super("rolled back");
  }
}

const storesOf = (em: EntityManager, kitchenId: string, known?: KnownVersions): Stores => ({
  lots: lotStoreOf(em, kitchenId),
  trims: trimStoreOf(em, kitchenId),
  recipes: recipeStoreOf(em, kitchenId, known),
  larder: larderStoreOf(em, kitchenId),
  scale: scaleStoreOf(em, kitchenId),
  beds: bedStoreOf(em, kitchenId),
  own: ownStoreOf(em, kitchenId),
  kitchen: kitchenStoreOf(em, kitchenId),
  spoilage: spoilageStoreOf(em, kitchenId),
  dressingWeighings: dressingWeighingStoreOf(em, kitchenId),
  photos: photoStoreOf(em, kitchenId),
  plans: planStoreOf(em, kitchenId),
  mealPlans: mealPlanStoreOf(em, kitchenId),
  shopping: shoppingStoreOf(em, kitchenId),
  people: peopleStoreOf(em, kitchenId),
  accounts: accountStoreOf(em),
});

/** Recipe versions kept in memory: some thousands of recipes, a few kilobytes each. */
const mostKnownVersions = 5000;

export function databaseOf(source: DataSource): Database {
  const known: KnownVersions = new LRUCache({ max: mostKnownVersions });
  return {
    authStore: authStoreOf(source),
    accounts: accountStoreOf(source),
    whole: wholeKitchenStoreOf(source, storesOf),
    read: (kitchenId, work) =>
      source.transaction(async (em) => {
        await enterKitchen(em, kitchenId);
        return work(storesOf(em, kitchenId, known));
      }),
    write: (claim, work) => write(source, claim, work),
    change: (kitchenId, work, doing) =>
      wholeOrNotAtAll(source, { kitchenId, doing }, async (em) => {
        await takeTurn(em, kitchenId);
        return work(storesOf(em, kitchenId));
      }),
    close: () => source.destroy(),
  };
}

const nobodysDoing: Doing = { session: "", by: "", act: "" };

/** A transaction of one kitchen that leaves nothing behind where its work is refused. */
async function wholeOrNotAtAll<Value>(
  source: DataSource,
  { kitchenId, doing = nobodysDoing }: { readonly kitchenId: string; readonly doing?: Doing | undefined },
  work: (em: EntityManager) => Promise<Result<Value, Refusal>>,
): Promise<Result<Value, Refusal>> {
  try {
    return await source.transaction(async (em) => {
      await enterToChange(em, kitchenId, doing);
      const answer = await work(em);
      if (!answer.ok) throw new RolledBack(answer);
      return answer;
    });
  } catch (error) {
    if (error instanceof RolledBack) return error.answer;
    const code = refusalOfState[sqlState(error)];
    if (code) return conflict(code);
    throw error;
  }
}

const write = <Value>(
  source: DataSource,
  claim: WriteClaim,
  work: (stores: Stores) => Promise<Result<Value, Refusal>>,
): Promise<Result<Value, Refusal>> =>
  wholeOrNotAtAll(source, claim, async (em) => {
    const served = await claimIdempotencyKey<Value>(em, claim);
    if (served) return served;
    const answer = await work(storesOf(em, claim.kitchenId));
    if (answer.ok)
      await em.query("update idempotency_record set reply = $3::jsonb where kitchen_id = $1 and key = $2", [
        claim.kitchenId,
        claim.key,
        JSON.stringify(answer.value),
      ]);
    return answer;
  });

/** The row lock on the kitchen makes its writes happen one after another, so two tablets never spend the same kale. */
async function takeTurn(em: EntityManager, kitchenId: string): Promise<void> {
  await em.query("update kitchen set revision = revision + 1 where id = $1", [kitchenId]);
}

/** The turn is taken first, and a key that is being served elsewhere is waited for: then it is either new, or was served. */
const takeTurnAndKey = `
with turn as (update kitchen set revision = revision + 1 where id = $1 returning id)
insert into idempotency_record (kitchen_id, key, fingerprint, at)
select $1::uuid, $2::uuid, $3, $4::timestamptz from (select count(*) from turn) taken
on conflict (kitchen_id, key) do nothing returning true as is_new`;

/** Takes the kitchen's turn and the request's key; a key already served gives its first answer again. */
async function claimIdempotencyKey<Value>(
  em: EntityManager,
  { kitchenId, key, fingerprint, at }: WriteClaim,
): Promise<Result<Value, Refusal> | undefined> {
  const isNew = await em.query<unknown[]>(takeTurnAndKey, [kitchenId, key, fingerprint, at]);
  if (isNew.length > 0) return undefined;
  const [earlier] = await em.query<{ fingerprint: string; reply: Value }[]>(
    "select fingerprint, reply from idempotency_record where kitchen_id = $1 and key = $2",
    [kitchenId, key],
  );
  return earlier?.fingerprint === fingerprint ? { ok: true, value: earlier.reply } : conflict("key-reused");
}
