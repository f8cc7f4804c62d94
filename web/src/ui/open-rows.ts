import type { DataTableExpandedRows } from "primevue/datatable";
import { ref, type Ref } from "vue";

export type OpenRows = {
  /** What the table is bound to: `:expanded-rows`. */
  readonly rows: Ref<DataTableExpandedRows>;
  readonly isOpen: (key: string) => boolean;
  readonly setOpen: (key: string, open: boolean) => void;
  readonly toggle: (key: string) => void;
};

/** Which rows of a table are folded open, by the key of each. */
export function useOpenRows(initially: readonly string[] = []): OpenRows {
  const rows = ref<DataTableExpandedRows>(Object.fromEntries(initially.map((key) => [key, true])));
  const isOpen = (key: string): boolean => rows.value[key] ?? false;
  const setOpen = (key: string, open: boolean): void => {
    const { [key]: _before, ...others } = rows.value;
    rows.value = open ? { ...others, [key]: true } : others;
  };
  return { rows, isOpen, setOpen, toggle: (key) => setOpen(key, !isOpen(key)) };
}
