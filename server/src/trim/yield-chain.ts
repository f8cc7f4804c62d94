import { accept, refuse } from "@apron/core/measure";
import {
  yieldChain,
  concentration,
  massRetention,
  hasJuices,
  waterAfter,
  type ChainStep,
} from "@apron/core/trim";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { yieldOf } from "../stock/yields-in-force.ts";
import type { InputOf } from "@apron/contract";

type Query = InputOf<"chainYields">["body"];

/** Raw to plate: this kitchen's own trim yields and the tables' cooking factors multiplied, dry matter conserved. */
export const chainYields: UseCase<"chainYields"> = async ({ body }, context) => {
  const facts = context.catalogue.ingredients.get(body.ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  const steps = await stepsOf(body, context);
  if (!steps.ok) return steps;
  const chained = yieldChain(body.rawG, steps.value, facts);
  return chained.ok ? accept(chained.value) : refuseWith(chained.issue, "steps");
};

async function stepsOf(body: Query, context: RequestContext): Promise<Answer<ChainStep[]>> {
  const facts = context.catalogue.ingredients.get(body.ingredient);
  const learned = await context.stores.trims.learned([body.ingredient]);
  const steps: ChainStep[] = [];
  for (const [index, step] of body.steps.entries()) {
    const handbook = facts?.trims.find((t) => t.method === step.method);
    const change = facts?.changes.find((c) => c.method === step.method);
    if (step.kind === "trim" && handbook) {
      const juices = hasJuices(step.method) ? (step.juices ?? "kept") : null;
      steps.push({ kind: "trim", yield: yieldOf(handbook, { grade: body.grade, juices }, learned) });
    } else if (step.kind === "cook" && change) steps.push({ kind: "cook", change, juices: step.juices });
    else return refuse({ status: 422, code: "method-unknown", field: `steps.${index}.method` });
  }
  return accept(steps);
}

/** Mass factor of the food on a tray, its water afterwards and how much saltier a gram became. */
export const weighTray: UseCase<"weighTray"> = ({ body }) => {
  const factor = massRetention(body);
  if (!factor.ok) return Promise.resolve(refuseWith(factor.issue, "afterG"));
  const water = body.waterBefore === null ? undefined : waterAfter(body.waterBefore, factor.value);
  if (water && !water.ok) return Promise.resolve(refuseWith(water.issue, "waterBefore"));
  const point = { value: factor.value, low: factor.value, high: factor.value };
  return Promise.resolve(
    accept({
      factor: factor.value,
      waterAfter: water?.value ?? null,
      concentration: concentration(point).value,
    }),
  );
};
