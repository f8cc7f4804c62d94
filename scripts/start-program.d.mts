export function startProgram(
  args: readonly string[],
): Promise<{ readonly url: string; readonly stop: () => Promise<void> }>;
