import type { UseCases } from "../context/request-context.ts";
import { today } from "./today.ts";

export const todayUseCases = { today } satisfies UseCases<"today">;
