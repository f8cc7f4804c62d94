import Bowser from "bowser";
import type { Context } from "hono";

/** What a request comes from, as its owner would call it: "Chrome on Android"; "" where it does not say. */
export function deviceOf(c: Context): string {
  const agent = (c.req.header("user-agent") ?? "").slice(0, 500);
  if (agent === "") return "";
  const { browser, os } = Bowser.parse(agent);
  return [browser.name, os.name].filter(Boolean).join(" on ").slice(0, 60);
}
