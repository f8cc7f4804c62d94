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
  any: "Eats everything",
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

/** What this browser says of where it stands, to start from. */
export function fromBrowser(): {
  locale: string;
  timeZone: string;
  units: "metric" | "us";
  dialect: "uk" | "us";
  currency: string;
} {
  const { locale, timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const american = locale === "en-US";
  const region = new Intl.Locale(locale).maximize().region ?? "GB";
  const currencies: Readonly<Record<string, string>> = {
    ...{
      US: "USD",
      GB: "GBP",
      AU: "AUD",
      NZ: "NZD",
      CA: "CAD",
      SE: "SEK",
      DK: "DKK",
      PL: "PLN",
      JP: "JPY",
      CH: "CHF",
    },
    ...{
      IE: "EUR",
      DE: "EUR",
      FR: "EUR",
      IT: "EUR",
      ES: "EUR",
      NL: "EUR",
      AT: "EUR",
      BE: "EUR",
      FI: "EUR",
      PT: "EUR",
    },
  };
  return {
    locale,
    timeZone,
    units: american ? "us" : "metric",
    dialect: american ? "us" : "uk",
    currency: currencies[region] ?? "EUR",
  };
}
