import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";

/** Remembers for this kitchen which food a name means, so that it is not asked again. */
export function useRememberMeaning(): (name: string, ingredient: string) => Promise<void> {
  const session = useSession();
  const { submit } = useSubmit();
  return async (name, ingredient) => {
    const changed = await submit("setNameMeaning", { body: { name, ingredient } }, name);
    if (changed) session.opened(changed);
  };
}
