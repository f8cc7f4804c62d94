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
  const counters = computed(() => {
    const items = list.value?.items ?? [];
    const names = [...new Set(items.map((item) => item.counter))];
    return names.map((name) => ({ name, items: items.filter((item) => item.counter === name) }));
  });
  const ticked = computed(() => (list.value?.items ?? []).filter((item) => item.ticked));
  async function tick(item: ShoppingItem, isTicked: boolean): Promise<void> {
    const request = { params: { key: item.key }, body: { ticked: isTicked } };
    await changing.submit("tickShoppingItem", request, `${isTicked ? "Tick" : "Untick"} ${item.name}`);
    await refresh();
  }
  async function remove(item: ShoppingItem): Promise<void> {
    await changing.submit("removeShoppingItem", { params: { key: item.key } }, `Remove ${item.name}`);
    await refresh();
  }
  return { list, error, counters, ticked, changing, tick, remove };
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
export function useBringHome(ticked: Ref<readonly ShoppingItem[]>) {
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
