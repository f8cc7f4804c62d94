import type { KitchenSettings, RequestOf } from "@apron/contract";
import { useQuery } from "@pinia/colada";
import { computed } from "vue";
import { call } from "../client/api.ts";
import { useDraft } from "../client/use-draft.ts";
import { useNotices } from "../client/notices.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";

type Change = RequestOf<"changeKitchen">["body"];

type Fields = Readonly<Record<string, unknown>>;
const isRecord = (value: unknown): value is Fields =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const differing = (typed: Fields, opened: Fields): Fields =>
  Object.fromEntries(
    Object.entries(typed).flatMap(([key, value]) => {
      const before = opened[key];
      if (JSON.stringify(value) === JSON.stringify(before)) return [];
      return [[key, isRecord(value) && isRecord(before) ? differing(value, before) : value]];
    }),
  );

/** Of the settings as they are being typed, those that differ from how they were opened; of a record, its fields. */
export const changesIn = (typed: Partial<KitchenSettings>, opened: KitchenSettings): Change =>
  differing(typed, opened);

/**
 * The settings being changed. Only what was changed here is kept and sent: what another tablet changes meanwhile
 * shows through, and stays.
 */
export function useKitchenDraft() {
  const session = useSession();
  const notices = useNotices();
  const { data: stored, error } = useQuery({ key: ["kitchen"], query: () => call("getKitchen", {}) });
  const { draft: typed, clear } = useDraft<Partial<KitchenSettings>>("kitchen", () => ({}));
  const shown = computed<KitchenSettings | undefined>(() =>
    stored.value ? { ...stored.value, ...typed.value } : undefined,
  );
  const changes = computed(() => (stored.value ? changesIn(typed.value, stored.value) : {}));
  function change(to: Partial<KitchenSettings>): void {
    typed.value = { ...typed.value, ...to };
  }
  const submission = useSubmit(["name", "currency", "locale", "timeZone", "staples", "eaters", "places"], {
    recorded: clear,
  });
  async function save(): Promise<void> {
    const body = changes.value;
    const changed = await submission.submit("changeKitchen", { body }, "Kitchen settings");
    if (!changed) return;
    clear();
    session.opened(changed);
    notices.say({ text: "Settings saved." });
  }
  const isChanged = computed(() => Object.keys(changes.value).length > 0);
  return { shown, error, change, isChanged, save, clear, submission };
}
