/** What driver and library say, or the system by its own code, where a connection broke or there was none: connection failure (class 08). */
const silent =
  /ECONNREFUSED|ECONNRESET|ENOENT|EPIPE|ETIMEDOUT|timeout exceeded when trying to connect|Connection terminated|Query read timeout|QueryRunner(?:Provider)?AlreadyReleasedError|TransactionNotStartedError|Client has encountered a connection error/;

/** PostgreSQL's five-character code of a failed query, 08006 where it did not answer, or "" for any other error. */
export function sqlState(error: unknown): string {
  if (!(error instanceof Error)) return "";
  // A failed query wraps what the driver says.
  const driverError: unknown = "driverError" in error ? error.driverError : error;
  const code = driverError instanceof Error && "code" in driverError ? String(driverError.code) : "";
  if (/^[0-9A-Z]{5}$/.test(code)) return code;
  return silent.test(`${code} ${error.name} ${error.message}`) ? "08006" : "";
}

/** States of a database that is starting, stopping, full or away (classes 08, 53, 57P), and what a driver says of it. */
const awayStates = /^(?:08|53|57P)/;
export const isAway = (state: string): boolean => awayStates.test(state);
