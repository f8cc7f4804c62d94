/** A file's name for whoever downloads it: plain letters for all, the real name for those who read RFC 6266. */
export function attachment(name: string): string {
  const plain = name.normalize("NFKD").replaceAll(/[^\w.-]+/g, "-");
  const encoded = encodeURIComponent(name).replaceAll(
    /['()*]/g,
    (sign) => `%${sign.charCodeAt(0).toString(16).toUpperCase()}`,
  );
  return `attachment; filename="${plain}"; filename*=UTF-8''${encoded}`;
}

/** What a file that a route writes is called: "lots.csv"; of one thing by its id: "lovage-green-sauce.md". */
export function fileName(path: string): string {
  const [name = "", id = ""] = path.split("/").reverse();
  const isOfOneThing = /^(?:recipe|plan)\./.test(name);
  return isOfOneThing ? name.replace(/^\w+/, id) : name;
}
