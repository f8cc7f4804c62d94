import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { takePrice } from "./line-price.ts";

describe("what a line of a market list cost", () => {
  it.each([
    ["2 big aubergines, 640g, £2.50", "2 big aubergines, 640g", 250, "all", "£"],
    ["carrots 1 kg @ £1.20/kg", "carrots 1 kg", 120, "kg", "£"],
    ["3 lemons 60p each", "3 lemons", 60, "each", "£"],
    ["3 lemons (60p each)", "3 lemons", 60, "each", "£"],
    ["£2.50 aubergines, 640 g", "aubergines, 640 g", 250, "all", "£"],
    ["1 kg pomodori 3,20 €", "1 kg pomodori", 320, "all", "€"],
    ["2 bunches chard, €1.5 a bunch", "2 bunches chard", 150, "each", "€"],
    ["cherries $4/lb, 500 g", "cherries, 500 g", 882, "kg", "$"],
    ["olives 200 g for £3", "olives 200 g", 300, "all", "£"],
    ["6 plums £2 the lot", "6 plums", 200, "all", "£"],
    ["saffron 1 g, £1.20 per 100g", "saffron 1 g", 120, "100g", "£"],
  ])("%s", (text, left, minor, per, sign) => {
    expect(takePrice(text)).toEqual({ text: left, price: { minor, per, sign } });
  });

  it.each([
    "2 long red peppers 3.20",
    "a £1-coin piece of ginger",
    "£5 worth of saffron",
    "1 kg carrots",
    "3 pears",
    "a crate of plums £1,200",
  ])("no price: %s", (text) => {
    expect(takePrice(text)).toEqual({ text, price: null });
  });

  it("leaves a line without a sign of money as it is, letter by letter", () => {
    check(
      fc.property(fc.string(), (text) => {
        fc.pre(!/[£€$]|\dp/i.test(text));
        expect(takePrice(text)).toEqual({ text, price: null });
      }),
    );
  });
});
