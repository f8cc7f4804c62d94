import { describe, expect, it } from "@jest/globals";
import { onceSaid } from "./double-amount.ts";

describe("one amount said twice", () => {
  it.each([
    ["200g/7oz feta", "200g feta"],
    ["7 oz / 200 g feta", "200 g feta"],
    ["1 cup/240 ml milk", "1 cup milk"],
    ["240 ml / 1 cup / 8 fl oz milk", "240 ml milk"],
    ["1 lb / about 450 g plums", "about 450 g plums"],
    ["1/2 cup / 60 g walnuts", "60 g walnuts"],
    ["1.5 kg/3 lb 5 oz tomatoes", "1.5 kg tomatoes"],
    ["3 lb 5 oz/1.5 kg tomatoes", "1.5 kg tomatoes"],
    ["2 x 400g/14oz tins beans", "2 x 400g tins beans"],
    ["2 x 14oz/400g tins beans", "2 x 400g tins beans"],
    ["200 g/7 oz, crumbled feta", "200 g crumbled feta"],
  ])("%p is %p", (text, expected) => {
    expect(onceSaid(text)).toBe(expected);
  });

  it.each(["1/2 cup milk", "200 g feta", "salt/pepper", "2 leeks / onions"])("%p stays", (text) => {
    expect(onceSaid(text)).toBe(text);
  });
});
