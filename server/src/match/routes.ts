import type { UseCases } from "../context/request-context.ts";
import { listMatches } from "./list-matches.ts";

export const matchUseCases = { listMatches } satisfies UseCases<"listMatches">;
