import { QueryFailedError } from "typeorm";

/** PostgreSQL's five-character code of a failed query, or "" for any other error. */
export const sqlState = (error: unknown): string => {
  const driverError: unknown = error instanceof QueryFailedError ? error.driverError : undefined;
  return driverError instanceof Error && "code" in driverError ? String(driverError.code) : "";
};
