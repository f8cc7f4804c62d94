/** Lets the browser draw, and answer a finger, before what follows is done: a task of the page of its own. */
export const nextTask = (): Promise<void> => new Promise((done) => setTimeout(done));
