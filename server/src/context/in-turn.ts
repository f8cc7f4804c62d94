/** One after the other: a request has one connection, which answers one query at a time. */
export async function inTurn<Item, Found>(
  items: Iterable<Item>,
  ask: (item: Item) => Promise<Found>,
): Promise<Found[]> {
  const found: Found[] = [];
  for (const item of items) found.push(await ask(item));
  return found;
}
