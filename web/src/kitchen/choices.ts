import { eatingDiets } from "@apron/core/recipes";

type Choice<Value extends string> = { readonly value: Value; readonly label: string };

export const unitChoices = [
  { value: "metric", label: "Grams" },
  { value: "us", label: "Ounces and pounds" },
  { value: "both", label: "Both" },
] as const;

export const dialectChoices = [
  { value: "uk", label: "courgette, rocket" },
  { value: "us", label: "zucchini, arugula" },
] as const;

export const cupChoices = [
  { value: "us-customary", label: "US cup, 236.6 ml" },
  { value: "us-label", label: "US label cup, 240 ml" },
  { value: "metric", label: "Metric cup, 250 ml" },
] as const;

export const scaleChoices = [
  { value: "none", label: "No scale" },
  { value: "simulated", label: "Simulated scale" },
] as const;

const dietNames: Readonly<Record<(typeof eatingDiets)[number], string>> = {
  any: "No diet",
  vegetarian: "Vegetarian",
  vegan: "Vegan",
};
export const dietChoices = eatingDiets.map((value) => ({ value, label: dietNames[value] }));

const locales = ["en-GB", "en-US", "en-IE", "en-AU", "en-NZ", "en-CA", "de-DE", "fr-FR", "it-IT", "es-ES"];
const furtherLocales = ["nl-NL", "sv-SE", "da-DK", "fi-FI", "pl-PL", "pt-PT", "ja-JP"];

/** Languages by their own region, in the reader's language; `current` is among them whatever it is. */
export function localeChoices(current: string): Choice<string>[] {
  const names = new Intl.DisplayNames([current], { type: "language", fallback: "code" });
  return [...new Set([current, ...locales, ...furtherLocales])].map((value) => ({
    value,
    label: names.of(value) ?? value,
  }));
}

export function currencyChoices(locale: string): Choice<string>[] {
  const names = new Intl.DisplayNames([locale], { type: "currency" });
  return Intl.supportedValuesOf("currency").map((value) => ({
    value,
    label: `${value} – ${names.of(value) ?? value}`,
  }));
}

export const timeZoneChoices = (current: string): Choice<string>[] =>
  [...new Set([current, "UTC", ...Intl.supportedValuesOf("timeZone")])]
    .sort()
    .map((value) => ({ value, label: value.replaceAll("_", " ") }));

const euro = "AT BE DE ES FI FR IE IT NL PT".split(" ").map((region) => [region, "EUR"] as const);
const currencyOf = new Map<string, string>([
  ...euro,
  ...Object.entries({ US: "USD", GB: "GBP", AU: "AUD", NZ: "NZD", CA: "CAD" }),
  ...Object.entries({ SE: "SEK", DK: "DKK", PL: "PLN", JP: "JPY", CH: "CHF" }),
]);

/** What this browser says of where it is, to start from. */
export function fromBrowser() {
  const { locale, timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const region = new Intl.Locale(locale).maximize().region ?? "GB";
  const american = region === "US";
  return {
    ...{ locale, timeZone },
    units: american ? ("us" as const) : ("metric" as const),
    dialect: american ? ("us" as const) : ("uk" as const),
    currency: currencyOf.get(region) ?? "EUR",
  };
}
