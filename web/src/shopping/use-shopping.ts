import type { ShoppingItem } from "@apron/contract";
import { useQuery } from "@pinia/colada";
import { computed, ref, type Ref } from "vue";
import { call } from "../client/api.ts";
import { newId } from "../client/new-id.ts";
import { useNotices } from "../client/notices.ts";
import { useRefresh } from "../client/queries.ts";
import { useSubmit } from "../client/use-submit.ts";
import { counted } from "../ui/plural.ts";

/** The shopping list, counter by counter, and what is done with it. */
export function useShopping() {
  const refresh = useRefresh();
  const { data: list, error } = useQuery({ key: ["shopping"], query: () => call("shoppingList", {}) });
  const changing = useSubmit();
  /** Ticks that are on their way: they show at once. */
  const onTheirWay = ref<ReadonlyMap<string, boolean>>(new Map());
  const items = computed(() =>
    (list.value?.items ?? []).map((item) => ({
      ...item,
      ticked: onTheirWay.value.get(item.key) ?? item.ticked,
    })),
  );
  const counters = computed(() => {
    const names = [...new Set(items.value.map((item) => item.counter))];
    return names.map((name) => ({ name, items: items.value.filter((item) => item.counter === name) }));
  });
  const ticked = computed(() => items.value.filter((item) => item.ticked));
  /** One after another: hands are quicker than answers, and no tick is passed over. */
  let last: Promise<unknown> = Promise.resolve();
  const inTurn = (change: () => Promise<unknown>): Promise<unknown> =>
    (last = last.then(change).then(() => refresh()));
  const tick = (item: ShoppingItem, isTicked: boolean): Promise<unknown> => {
    const request = { params: { key: item.key }, body: { ticked: isTicked } };
    const words = `${isTicked ? "Tick" : "Untick"} ${item.name}`;
    onTheirWay.value = new Map([...onTheirWay.value, [item.key, isTicked]]);
    const done = inTurn(() => changing.submit("tickShoppingItem", request, words));
    void done.then(() => done === last && (onTheirWay.value = new Map()));
    return done;
  };
  const remove = (item: ShoppingItem): Promise<unknown> =>
    inTurn(() => changing.submit("removeShoppingItem", { params: { key: item.key } }, `Remove ${item.name}`));
  /** Once every tick is there. */
  const settled = (): Promise<unknown> => last;
  return { list, error, counters, ticked, changing, tick, remove, settled };
}

/** Adding something by hand. */
export function useAdding() {
  const refresh = useRefresh();
  const adding = useSubmit(["text"]);
  const text = ref("");
  let id = newId();
  async function add(): Promise<void> {
    const words = text.value.trim();
    if (words === "") return adding.refuse("missing", "text");
    const added = await adding.submit("addShoppingItem", { body: { id, text: words } }, `Add ${words}`);
    if (!added) return;
    id = newId();
    text.value = "";
    await refresh();
  }
  return { text, adding, add };
}

/** What was ticked comes home as lots: as listed, or as much as it really was. */
export function useBringHome(ticked: Ref<readonly ShoppingItem[]>, settled: () => Promise<unknown>) {
  const notices = useNotices();
  const refresh = useRefresh();
  const bringing = useSubmit(["items", "priceMinor"]);
  const amounts = ref<Readonly<Record<string, string>>>({});
  /** Each item becomes the same lot, however often it is sent. */
  const lotIds = new Map<string, string>();
  const lotIdOf = (key: string): string => {
    const id = lotIds.get(key) ?? newId();
    lotIds.set(key, id);
    return id;
  };
  async function bringHome(priceMinor: number | null): Promise<void> {
    await settled();
    const items = ticked.value.map(({ key }) => {
      const amount = amounts.value[key]?.trim() ?? "";
      return { key, lotId: lotIdOf(key), amount: amount === "" ? null : amount };
    });
    const home = await bringing.submit("bringShoppingHome", { body: { items, priceMinor } }, "Bring home");
    if (!home) return;
    lotIds.clear();
    amounts.value = {};
    notices.say({ text: `${counted(home.lots.length, "lot")} logged.` });
    await refresh();
  }
  const setAmount = (key: string, amount: string): void => {
    amounts.value = { ...amounts.value, [key]: amount };
  };
  /** The sentence beside the ticked item that it is about. */
  const problemAt = (item: ShoppingItem): string | undefined => {
    const index = ticked.value.findIndex((one) => one.key === item.key);
    return index < 0 ? undefined : bringing.sentenceAt(`items.${index}`);
  };
  return { amounts, bringing, bringHome, setAmount, problemAt };
}
