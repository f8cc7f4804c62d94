/** Languages beside English that recipes and lists are read in. */
export const languages = ["es", "fr", "it", "de"] as const;
export type Language = (typeof languages)[number];
