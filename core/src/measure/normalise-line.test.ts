import { describe, expect, it } from "@jest/globals";
import { normaliseLine, wordsToNumber } from "./normalise-line.ts";

describe("a count in words becomes a number", () => {
  it.each([
    ["one leek", "1 leek"],
    ["two or three figs", "2-3 figs"],
    ["three to four figs", "3-4 figs"],
    ["eleven or twelve figs", "11-12 figs"],
    ["one or two figs", "1-2 figs"],
    ["a or two figs", "1-2 figs"],
    ["two or five figs", "2 or five figs"],
    ["kilo and a half of plums", "1.5 kilo plums"],
    ["2 kg and a quarter of plums", "2.25 kg plums"],
    ["2 kg and 1/2 of plums", "2.5 kg plums"],
    ["2 kg and ¼ of plums", "2.25 kg plums"],
    ["1 courgette and a half", "1.5 courgette"],
    ["2 courgettes and a quarter, sliced", "2.25 courgettes, sliced"],
    ["one and a quarter teaspoons salt", "1.25 teaspoons salt"],
    ["two leeks", "2 leeks"],
    ["three leeks", "3 leeks"],
    ["four leeks", "4 leeks"],
    ["five leeks", "5 leeks"],
    ["six leeks", "6 leeks"],
    ["seven leeks", "7 leeks"],
    ["eight leeks", "8 leeks"],
    ["nine leeks", "9 leeks"],
    ["ten leeks", "10 leeks"],
    ["eleven leeks", "11 leeks"],
    ["twelve leeks", "12 leeks"],
    ["a leek", "1 leek"],
    ["an onion", "1 onion"],
    ["half a lemon", "0.5 lemon"],
    ["a half of the lemon", "0.5 the lemon"],
    ["quarter of a cabbage", "0.25 cabbage"],
    ["a quarter cabbage", "0.25 cabbage"],
    ["three-quarters of a cup", "0.75 cup"],
    ["two thirds cup", "0.667 cup"],
    ["a third of a cucumber", "0.333 cucumber"],
    ["a couple of leeks", "2 leeks"],
    ["a pair of kippers", "2 kippers"],
    ["a few figs", "2-4 figs"],
    ["several figs", "3-5 figs"],
    ["one or two chillies", "1-2 chillies"],
    ["a 5 cm piece", "5 cm piece"],
    ["leeks", "leeks"],
    ["anchovies", "anchovies"],
    ["tenderstem", "tenderstem"],
  ])("%p is %p", (text, expected) => {
    expect(wordsToNumber(text)).toBe(expected);
  });
});

describe("dozens and halves", () => {
  it.each([
    ["a dozen eggs", "12 eggs"],
    ["half a dozen eggs", "6 eggs"],
    ["half dozen eggs", "6 eggs"],
    ["2 dozen eggs", "24 eggs"],
    ["3 doz. eggs", "36 eggs"],
    ["2 dozens of eggs", "24 eggs"],
    ["two dozen eggs", "24 eggs"],
    ["½ doz. eggs", "6 eggs"],
    ["1/2 dozen eggs", "6 eggs"],
    ["1½ dozen eggs", "18 eggs"],
    ["1.5 dozen eggs", "18 eggs"],
    ["a pound and a half of plums", "1.5 pound plums"],
    ["2 kg and a half of plums", "2.5 kg plums"],
    ["two cups and a half milk", "2.5 cups milk"],
    ["one and a half teaspoons salt", "1.5 teaspoons salt"],
    ["3 and a half lemons", "3.5 lemons"],
    ["2 and ½ lemons", "2.5 lemons"],
    ["1.5 and a half lemons", "2 lemons"],
  ])("%p is %p", (text, expected) => {
    expect(wordsToNumber(text)).toBe(expected);
  });
});

describe("packs of several, and halves", () => {
  it.each([
    ["box of 12 eggs", "12 eggs"],
    ["a bag of 5 lemons", "5 lemons"],
    ["2 boxes of 6 eggs", "12 eggs"],
    ["bag of 5 kg potatoes", "bag of 5 kg potatoes"],
    ["twin pack cos", "2 cos"],
    ["1 half a cucumber", "0.5 cucumber"],
    ["1 and 1/2 cups milk", "1 1/2 cups milk"],
    ["one and one-half cups milk", "1 1/2 cups milk"],
    ["2 packed cups mint", "2 cups packed mint"],
    ["1 loosely packed cup of mint", "1 cup loosely packed mint"],
  ])("%p is %p", (text, expected) => {
    expect(normaliseLine(text)).toBe(expected);
  });
});

describe("one spelling of a line", () => {
  it.each([
    ["  400\u00a0g\tchard ", "400 g chard"],
    ["1\u20442 cup milk", "1/2 cup milk"],
    ["[ ] 400 g chard", "400 g chard"],
    ["- [x] 400 g chard", "400 g chard"],
    ["• 400 g chard", "400 g chard"],
    ["▢ 2 leeks", "2 leeks"],
    ["3. 400 g chard", "400 g chard"],
    ["3. leeks", "3. leeks"],
    ["400 g chard*", "400 g chard"],
    ["400 g chard (see note 2)", "400 g chard"],
    ["400 g chard [see below]", "400 g chard"],
    ["crisps w/ salt", "crisps with salt"],
    ["crisps w/o salt", "crisps without salt"],
    ["optional: 2 figs", "2 figs, optional"],
    ["“baby” leeks", '"baby" leeks'],
    ["baker’s yeast", "baker's yeast"],
    ["about 400 g chard", "400 g chard"],
    ["approx. 400 g chard", "400 g chard"],
    ["ca 400 g chard", "400 g chard"],
    ["~400 g chard", "400 g chard"],
    ["at least 2 figs", "2 figs"],
    ["some mint", "mint"],
    ["a little feta", "feta"],
    ["plenty of pepper", "pepper"],
    ["just a touch of salt", "salt"],
    ["extra basil", "basil"],
  ])("%p is %p", (text, expected) => {
    expect(normaliseLine(text)).toBe(expected);
  });
});

describe("one spelling of numbers", () => {
  it.each([
    ["1,5 kg plums", "1.5 kg plums"],
    ["0,250 kg plums", "0.250 kg plums"],
    ["1,200 g plums", "1200 g plums"],
    ["1'200 g plums", "1200 g plums"],
    ["12,500 g plums", "12500 g plums"],
    ["1,25 kg plums", "1.25 kg plums"],
    ["1,2500 g plums", "1,2500 g plums"],
    ["1-1/2 cups milk", "1 1/2 cups milk"],
    ["2-½ cups milk", "2 ½ cups milk"],
    ["2 fl. oz. milk", "2 fl oz milk"],
    ["2 fluid ounces milk", "2 fl oz milk"],
    ["2 to 3 leeks", "2-3 leeks"],
    ["2–3 leeks", "2-3 leeks"],
    ["½ to 1 cup milk", "½-1 cup milk"],
    ["5# potatoes", "5 hash potatoes"],
    ["1/2 a lemon", "1/2 lemon"],
    ["½ an onion", "½ onion"],
    ["2 pcs leeks", "2 leeks"],
    ["2 nos. leeks", "2 leeks"],
    ["3 no leeks", "3 leeks"],
    ["2 nose leeks", "2 nose leeks"],
  ])("%p is %p", (text, expected) => {
    expect(normaliseLine(text)).toBe(expected);
  });
});

describe("packs of a weight, and sizes printed on a box", () => {
  it.each([
    ["2 half avocados", "1 avocados"],
    ["100/150 g feta", "100-150 g feta"],
    ["2 / 3 leeks", "2/3 leeks"],
    ["2 or three leeks", "2-3 leeks"],
    ["200 g feta or more", "200 g feta"],
    ["200 g feta, more or less", "200 g feta"],
    ["fifteen walnuts", "15 walnuts"],
    ["twenty walnuts", "20 walnuts"],
    ["thirty walnuts", "30 walnuts"],
    ["forty walnuts", "40 walnuts"],
    ["fifty walnuts", "50 walnuts"],
    ["fifty and some", "fifty and some"],
    ["twenty-five plums", "25 plums"],
    ["a hundred grams of feta", "100 grams of feta"],
    ["one hundred and fifty ml cream", "1 hundred and fifty ml cream"],
    ["a half-pound of butter", "0.5 pound of butter"],
    ["one-and-a-half cups rice", "1 1/2 cups rice"],
    ["a scant half cup of rice", "0.5 cup of rice"],
    ["a kilo or so of plums", "1 kilo plums"],
    ["ten or so figs", "10 figs"],
    ["5 half avocados", "2.5 avocados"],
    ["1 half avocado", "0.5 avocado"],
    ["2 half fat milk", "2 half fat milk"],
    ["tomatoes, 1 half tray", "tomatoes, half a tray"],
    ["2x avocado", "2 avocado"],
    ["2x 400 g tins", "2x 400 g tins"],
    ["3 tbsps oil", "3 tbsp oil"],
    ["2 tablespoonfuls oil", "2 tablespoon oil"],
    ["a cupful of oil", "1 cup of oil"],
    ["200-gram block", "200 gram block"],
    ["2 c. à s. de miel", "2 tbsp de miel"],
    ["miel, 1 c à c", "miel, 1 tsp"],
    ["2 cuil. à soupe de miel", "2 tbsp de miel"],
    ["2 cas de miel", "2 tbsp de miel"],
    ["1 c. a s. de miel", "1 tbsp de miel"],
    ["water, 1 c as needed", "water, 1 c as needed"],
    ["1 c. casse", "1 c. casse"],
    ["2 bags of 200 g of rocket", "2 x 200 g bags rocket"],
    ["two tins of 400 g tomatoes", "2 x 400 g tins tomatoes"],
    ["2 bags of 6 lemons", "12 lemons"],
    ["crate of 6 melons", "6 melons"],
    ["4 L eggs", "4 large eggs"],
    ["4 M eggs", "4 medium eggs"],
    ["4 s eggs", "4 small eggs"],
    ["4 XL eggs", "4 large eggs"],
    ["4 L milk", "4 L milk"],
    ["4 L eggplants", "4 L eggplants"],
  ])("%p is %p", (text, plain) => {
    expect(normaliseLine(text)).toBe(plain);
  });
});
