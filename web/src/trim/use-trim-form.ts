import type { RequestOf, TrimOptions, TrimRecorded } from "@apron/contract";
import { accept, refuse, showGrams } from "@apron/core/measure";
import { closeBalance } from "@apron/core/trim";
import { computed, type Ref } from "vue";
import { newId } from "../client/new-id.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceFor } from "../client/words.ts";
import { useTrimDraft, type TrimDraft } from "./trim-draft.ts";
import { useTrimFields, type TrimFields } from "./use-trim-fields.ts";

/** How the weights close: "1,240 g raw = 790 g usable + 400 g stems + 50 g lost", or why they do not. */
function useBalance({ rawG, usableG, weighedParts }: TrimFields) {
  const session = useSession();
  return computed(() => {
    if (!rawG.value || !usableG.value || usableG.value > rawG.value) return undefined;
    const closed = closeBalance(rawG.value, usableG.value, weighedParts.value);
    if (!closed.ok) return refuse(sentenceFor(closed.issue));
    const show = (grams: number): string => showGrams(grams, session.display);
    const named = closed.value.parts.map((p) => `${show(p.grams)} ${p.part}`);
    const sum = [`${show(closed.value.usableG)} usable`, ...named, `${show(closed.value.lossG)} lost`];
    return accept(`${show(rawG.value)} = ${sum.join(" + ")}`);
  });
}

type How = { readonly estimate?: boolean; readonly confirmed?: boolean };
type Body = RequestOf<"recordTrim">["body"];

/** What is missing or cannot be read, and at which field; undefined when all can be sent. */
function unreadIn(
  draft: TrimDraft,
  fields: TrimFields,
  estimate: boolean,
): readonly [string, string] | undefined {
  if (fields.rawG.value === undefined) return ["rawG", draft.rawText];
  if (estimate) return undefined;
  if (draft.vessels.length > 0) return fields.weighed.value.length > 0 ? undefined : ["vessels", ""];
  return fields.usableG.value === undefined ? ["usableG", draft.usableText] : undefined;
}

function bodyOf(lotId: string, draft: TrimDraft, { fields, how }: { fields: TrimFields; how: How }): Body {
  const estimate = how.estimate ?? false;
  const inVessels = !estimate && draft.vessels.length > 0;
  return {
    id: draft.id,
    lotId,
    method: fields.method.value?.method ?? "",
    juices: fields.method.value?.juices ?? null,
    rawG: fields.rawG.value ?? 0,
    usableG: estimate || inVessels ? null : (fields.usableG.value ?? null),
    vessels: inVessels ? fields.weighed.value : [],
    parts: estimate ? [] : fields.weighedParts.value,
    confirmed: how.confirmed ?? false,
  };
}

/** The trim being weighed: its fields, and sending it. */
export function useTrimForm(options: Ref<TrimOptions>) {
  const session = useSession();
  const { lot } = options.value;
  const { draft, clear } = useTrimDraft(lot.id);
  const fields = useTrimFields(options, draft);
  const balance = useBalance(fields);
  const submission = useSubmit(["rawG", "usableG", "vessels", "parts", "method"], {
    recorded: clear,
    renew: () => (draft.value.id = newId()),
  });

  async function record(how: How = {}): Promise<TrimRecorded | undefined> {
    const unread = unreadIn(draft.value, fields, how.estimate ?? false);
    if (unread) {
      const [field, text] = unread;
      submission.refuse(text.trim() === "" ? "amount-empty" : "amount-not-understood", field, { text });
      return undefined;
    }
    const body = bodyOf(lot.id, draft.value, { fields, how });
    const label = `${showGrams(body.rawG, session.display)} ${lot.name} trimmed`;
    const recorded = await submission.submit("recordTrim", { body }, label);
    if (recorded) clear();
    return recorded;
  }
  return { ...fields, draft, balance, record, submission };
}
