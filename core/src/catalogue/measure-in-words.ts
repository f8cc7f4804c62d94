/** Sizes that a piece comes in whatever it is; other kinds ("each-plum") are pieces of their own food. */
const sizes: readonly string[] = ["small", "large"];
/** Kinds that are called by a name of their own: nobody says "a piece" of a baguette. */
const ownNames: readonly string[] = ["baguette", "ciabatta", "roll"];

/**
 * A measure of the tables as a cook says and types it, singular: "each-medium" is a piece, "each-large" a large piece,
 * "can-drained" a can, "cup-whole" a cup.
 */
export function measureInWords(measure: string): string {
  const [kind = "", how = ""] = measure.split("-");
  if (kind !== "each") return kind;
  if (ownNames.includes(how)) return how;
  return sizes.includes(how) ? `${how} piece` : "piece";
}
