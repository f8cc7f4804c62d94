import type { MakePlan } from "@apron/contract";
import { newId } from "../client/new-id.ts";
import { useNotices } from "../client/notices.ts";
import { useSubmit, type Submission } from "../client/use-submit.ts";

/** Trims what a recipe needs at its expected yield, no more of it, with one undo for all. */
export function usePreparation(): {
  readonly prepare: (plan: MakePlan) => Promise<void>;
  readonly submission: Submission;
} {
  const notices = useNotices();
  let ids: string[] = [];
  const nextId = (at: number): string => (ids[at] ??= newId());
  const renew = (): void => {
    ids = [];
  };
  const submission = useSubmit(["trims"], { recorded: renew, renew });
  async function prepare({ name, prepare: wanted }: MakePlan): Promise<void> {
    const trims = wanted.map(({ lotId, method, rawG }, i) => ({ id: nextId(i + 1), lotId, method, rawG }));
    const body = { id: nextId(0), trims };
    const done = await submission.submit("prepareLots", { body }, `Prepared for ${name}`);
    if (!done) return;
    renew();
    const trimIds = done.trims.map((trim) => trim.id);
    notices.say({
      text: "Recorded with estimated weights. Weigh next time to improve the estimate.",
      undo: {
        name: "withdrawTrims",
        request: { body: { id: newId(), trimIds, reason: `not prepared for ${name} after all` } },
      },
    });
  }
  return { prepare, submission };
}
