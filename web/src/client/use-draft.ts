import { useStorage } from "@vueuse/core";
import { watch, type Ref } from "vue";
import { useSession } from "./session.ts";

/**
 * What is being typed into a form, kept in this browser until it is saved or thrown away: it survives a reload, a
 * change of page and a session that runs out. `name` says which form and what it is about; the kitchen is added.
 */
export function useDraft<Value extends object>(
  name: string,
  empty: () => Value,
): { readonly draft: Ref<Value>; readonly clear: () => void } {
  const kitchen = useSession().session?.kitchen.id ?? "none";
  const key = `apron:draft:${kitchen}:${name}`;
  const draft = useStorage<Value>(key, empty(), undefined, {
    mergeDefaults: true,
    // Two tabs with one form do not type into each other.
    listenToStorageChanges: false,
    writeDefaults: false,
    serializer: {
      read: (text) => ({ ...empty(), ...(JSON.parse(text) as Value) }),
      write: (value) => JSON.stringify(value),
    },
  });
  // A draft that says nothing is not worth keeping; its id is no saying.
  const said = (value: Value): string => JSON.stringify({ ...value, id: "" });
  watch(
    draft,
    (now) => {
      if (said(now) === said(empty())) localStorage.removeItem(key);
    },
    { deep: true, flush: "post" },
  );
  const clear = (): void => {
    draft.value = empty();
    localStorage.removeItem(key);
  };
  return { draft: draft as Ref<Value>, clear };
}
