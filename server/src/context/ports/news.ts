/** Who changed something in a kitchen, and what was asked for: a route's name, "" where the program itself did it. */
export type Doing = { readonly session: string; readonly by: string; readonly act: string };
export type KitchenChanged = Doing & { readonly revision: number };

/** What one listener is told. */
export type NewsHandler = {
  readonly changed: (change: KitchenChanged) => void;
  /** The kitchen's scale was touched. */
  readonly scale: () => void;
  /** Something may have been missed: look for yourself. */
  readonly missed: () => void;
};

/** What happens in the database, told at once to every process that serves it. */
export type News = {
  readonly ofKitchen: (kitchenId: string, handler: NewsHandler) => () => void;
  /** Told once when a session is ended by whoever, wherever. */
  readonly whenSessionEnds: (sessionId: string, ended: () => void) => () => void;
  readonly close: () => Promise<void>;
};
