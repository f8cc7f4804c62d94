import type { UseCases } from "../context/request-context.ts";
import { finishMake } from "./finish-make.ts";
import { planMake } from "./plan-make.ts";

export const cookUseCases = { planMake, finishMake } satisfies UseCases<"planMake" | "finishMake">;
