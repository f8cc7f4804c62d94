import type { Catalogue } from "../catalogue/index.ts";
import { allergensOf, writtenIngredients, type StepTool } from "../recipes/index.ts";
import type { CookingTask, DishToCook, Draft } from "./cooking-task.ts";
import type { Separation } from "./problem.ts";
import { isMachine } from "../recipes/index.ts";
import { handling } from "./tables/hand-times.ts";

type Washed = { readonly task: CookingTask; readonly dish: string; readonly tool: StepTool };

const onMachine = (draft: Draft, kind: CookingTask["kind"]): Washed[] =>
  [...draft.infos.values()].flatMap((task) =>
    task.kind === kind && task.tool !== null && isMachine(task.tool)
      ? [{ task, dish: task.dish, tool: task.tool }]
      : [],
  );

/**
 * Dishes that share a machine where one has an allergen that another is free of: the machine is taken apart, washed and dried
 * between them when the allergen comes first, and only washed when it comes last. So the plan, which starts as late as it can,
 * puts what is free of it first. Tells of each washing which allergens it is for.
 */
export function orderByAllergens(
  draft: Draft,
  dishes: readonly DishToCook[],
  catalogue: Catalogue,
): Separation[] {
  const allergens = new Map(
    dishes.map(({ id, formula }) => [id, allergensOf(writtenIngredients(formula), catalogue)]),
  );
  const works = onMachine(draft, "work");
  return onMachine(draft, "wash-up").flatMap((wash) => {
    const own = allergens.get(wash.dish) ?? [];
    const lacking = (dish: string): string[] => own.filter((one) => !allergens.get(dish)?.includes(one));
    const others = works.filter(({ dish, tool }) => dish !== wash.dish && tool === wash.tool);
    const free = others.filter(({ dish }) => lacking(dish).length > 0);
    if (free.length === 0) return [];
    const named = [...new Set(free.flatMap(({ dish }) => lacking(dish)))].sort();
    draft.infos.set(wash.task.id, { ...wash.task, allergens: named });
    return free.map(({ task, tool }) => ({
      ...{ resource: tool, tasks: [wash.task.id, task.id] as const },
      gaps: [handling.allergenWashMin, 0] as const,
    }));
  });
}
