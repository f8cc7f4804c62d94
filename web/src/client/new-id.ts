import { v4 } from "uuid";

/**
 * A random UUID. The browser's own maker exists over TLS and on localhost only; a tablet that opens the kitchen under
 * http://kitchen.lan has getRandomValues, which is what this uses there.
 */
export const newId = (): string => v4();
