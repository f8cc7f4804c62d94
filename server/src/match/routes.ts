import type { UseCases } from "../kit.ts";
import { listMatches } from "./list-matches.ts";

export const matchUseCases = { listMatches } satisfies UseCases<"listMatches">;
