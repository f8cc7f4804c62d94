/** Names of all that an object answers to without having it: constructor, toString and their like. */
export function everyPropertyOf(one: object): string[] {
  const above: unknown = Object.getPrototypeOf(one);
  return typeof above === "object" && above !== null
    ? [...Object.getOwnPropertyNames(above), ...everyPropertyOf(above)]
    : [];
}
