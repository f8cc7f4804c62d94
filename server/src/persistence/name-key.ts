/** Names sign in whatever their case. */
export const nameKey = (name: string): string => name.trim().toLowerCase();
