/**
 * What writes dates and numbers in a locale. To make one takes about a hundred times as long as to write something with
 * it, and a page writes hundreds: each is made once.
 */
const madeOnce = <Options, Writer>(make: (locale: string, options: Options) => Writer) => {
  const known = new Map<string, Writer>();
  return (locale: string, options: Options): Writer => {
    const key = `${locale} ${JSON.stringify(options)}`;
    const writer = known.get(key) ?? make(locale, options);
    known.set(key, writer);
    return writer;
  };
};

/**
 * @throws RangeError of a locale or zone that this machine does not know
 * @example dateWriter("en-GB", { hour: "2-digit", minute: "2-digit", timeZone: "UTC" }).format(new Date()) // "12:00"
 */
export const dateWriter = madeOnce(
  (locale, parts: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(locale, parts),
);

/**
 * @throws RangeError of a locale, currency or unit that is none
 * @example numberWriter("de-DE", { style: "percent" }).format(0.4) // "40 %"
 */
export const numberWriter = madeOnce(
  (locale, parts: Intl.NumberFormatOptions) => new Intl.NumberFormat(locale, parts),
);
