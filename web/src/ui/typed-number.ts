/** A number typed with a point or a comma; undefined when empty or not a number. */
export function typedNumber(text: string): number | undefined {
  const plain = text.trim().replace(",", ".");
  const read = Number(plain);
  return plain === "" || !Number.isFinite(read) ? undefined : read;
}
