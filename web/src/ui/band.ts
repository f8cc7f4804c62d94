export type Band = "over" | "now" | "soon" | "keeps";

/** Days left as a cook says them. */
export function daysLeftWords(daysLeft: number): string {
  if (daysLeft < -1) return `expired ${-daysLeft} days ago`;
  if (daysLeft === -1) return "expired yesterday";
  if (daysLeft === 0) return "use today";
  if (daysLeft === 1) return "use by tomorrow";
  return daysLeft < 60 ? `${daysLeft} days left` : `${Math.floor(daysLeft / 30)} months left`;
}
