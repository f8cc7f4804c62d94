import { jobs } from "./jobs.ts";

/** What a thread is asked: each job's own name and what it is given. */
export const readLines = (given: Parameters<typeof jobs.readLines>) => jobs.readLines(...given);
export const readLots = (given: Parameters<typeof jobs.readLots>) => jobs.readLots(...given);
export const readRecipes = (given: Parameters<typeof jobs.readRecipes>) => jobs.readRecipes(...given);
export const solveMealPlan = (given: Parameters<typeof jobs.solveMealPlan>) => jobs.solveMealPlan(...given);
