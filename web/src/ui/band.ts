export type Band = "over" | "now" | "soon" | "keeps";

/** Days left as a cook says them. */
export function daysLeftWords(daysLeft: number): string {
  if (daysLeft < -1) return `over by ${-daysLeft} days`;
  if (daysLeft === -1) return "over since yesterday";
  if (daysLeft === 0) return "last day today";
  if (daysLeft === 1) return "till tomorrow";
  return daysLeft < 60 ? `${daysLeft} days left` : `${Math.floor(daysLeft / 30)} months left`;
}
