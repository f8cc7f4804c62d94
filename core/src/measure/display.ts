/** The units a kitchen reads weights in: one system, or metric with US customary beside it. */
export type DisplaySystem = "metric" | "us" | "both";

/** How a kitchen reads numbers: its units and, for the decimal mark, its locale (BCP 47). */
export type Display = { readonly system: DisplaySystem; readonly locale: string };

const plain: Display = { system: "metric", locale: "en-GB" };

export const displayOf = (display: Display | DisplaySystem): Display =>
  typeof display === "string" ? { ...plain, system: display } : display;

const marks = new Map<string, string>();

/** The decimal mark of a locale: "." or ",". An unknown locale reads as English. */
export function decimalMark(locale: string): string {
  const known = marks.get(locale);
  if (known !== undefined) return known;
  const wellFormed = /^[a-z]{2,3}(-[a-z0-9]{2,8})*$/i.test(locale) ? [locale] : [];
  const usable = Intl.NumberFormat.supportedLocalesOf(wellFormed)[0] ?? plain.locale;
  const mark =
    new Intl.NumberFormat(usable).formatToParts(1.5).find((part) => part.type === "decimal")?.value ?? ".";
  marks.set(locale, mark);
  return mark;
}

/** Writes the decimal points of a text as the locale writes them. */
export function localised(text: string, locale: string): string {
  const mark = decimalMark(locale);
  return mark === "." ? text : text.replace(/(\d)\.(\d)/g, `$1${mark}$2`);
}
