/** A column's heading, also beside each of its cells where a narrow screen stacks them. */
export const labelled = (header: string) => ({
  header,
  pt: { bodyCell: { "data-label": header } },
});
