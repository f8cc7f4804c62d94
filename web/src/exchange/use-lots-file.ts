import type { LotsImported } from "@apron/contract";
import { ref } from "vue";
import { newId } from "../client/new-id.ts";
import { useNotices } from "../client/notices.ts";
import { useSubmit } from "../client/use-submit.ts";
import { counted } from "../ui/plural.ts";

/** A file of lots: tried first, so that every wrong row is seen before anything is saved, then imported. */
export function useLotsFile() {
  const notices = useNotices();
  const submission = useSubmit(["csv"]);
  const file = ref({ name: "", csv: "", id: "" });
  const checked = ref<LotsImported>();

  async function choose(chosen: File): Promise<void> {
    submission.forget();
    checked.value = undefined;
    file.value = { name: chosen.name, csv: await chosen.text(), id: newId() };
    // A trial has an id of its own: it is never taken for the import.
    const body = { id: newId(), csv: file.value.csv, dryRun: true };
    checked.value = await submission.submit("importLots", { body });
  }
  async function importAll(): Promise<boolean> {
    const { name, csv, id } = file.value;
    const done = await submission.submit("importLots", { body: { id, csv } }, name);
    if (!done) return false;
    const left = done.faults.length > 0 ? `, left out ${done.faults.length}` : "";
    notices.say({
      text: `Imported ${counted(done.accepted, "row")} of ${name}${left}.`,
      undo: { name: "undoIntake", request: { params: { id: done.id } } },
    });
    checked.value = undefined;
    return true;
  }
  return { checked, choose, importAll, ...submission };
}
