export function freePort(): Promise<number>;
export function startProgram(
  args: readonly string[],
  how?: { readonly on?: string; readonly like?: string | undefined; readonly keep?: boolean },
): Promise<{
  readonly url: string;
  readonly data: string;
  readonly pid: number;
  readonly stop: () => Promise<void>;
}>;
