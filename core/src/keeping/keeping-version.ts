/**
 * The edition of the keeping rules. Raise it with any change of them (a test reminds of the tables): at its next start
 * the program then works out the dates of everything in stock and in the larder anew.
 */
export const keepingVersion = 2;
