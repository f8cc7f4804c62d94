import { list, type Sentences } from "./sentence.ts";

const path = (value: unknown): string =>
  Array.isArray(value) ? value.map((one) => String(one).replaceAll("-", " ")).join(" → ") : "";

export const recipeSentences: Sentences = {
  "recipe-unknown": () => "This recipe wasn't found.",
  "recipe-moved-on": (m) =>
    `${typeof m["by"] === "string" ? m["by"] : "Someone"} saved version ${String(m["now"])} while you were editing version ${String(m["basedOn"])}. Your changes are still here: compare the versions, then save yours on top or discard it.`,
  "version-unknown": () => "That version wasn't found.",
  "recipes-nested-too-deep": (m) =>
    `Recipes may be parts of recipes ${String(m["atMost"])} deep at most. Write one of them out here.`,
  "too-many-lines-in-all": (m) =>
    `With the recipes that are part of it this would have more than ${String(m["atMost"])} lines.`,
  "part-of-too-much": (m) =>
    `It is a part of “${String(m["recipe"])}”, which couldn't be put together any more. Change that recipe first.`,
  "too-many-fillers": (m) =>
    `All lines together may name ${String(m["atMost"])} foods at most. Give fewer choices on some lines.`,
  "recipe-in-itself": (m) => `A recipe can't contain itself: ${path(m["recipes"])}.`,
  "line-says-nothing": () => "Choose an ingredient for this line.",
  "amount-not-read": () => "Correct the amount of this line, or remove the line.",
  "makes-not-read": () => "Enter a volume or a weight, like 300 ml or 1.2 kg.",
  "line-said-twice": () => "Two lines have the same id. Remove one and add it again.",
  "filled-twice": (m) => `${list([m["ingredient"]])} is listed twice in this line.`,
  "slot-cannot-be-filled": (m) =>
    `The fillings of this line add up to at most ${String(Math.round(Number(m["atMost"]) * 100))} %. Raise a share, or add a filling.`,
  "floors-over-line": () => "The minimum shares of this line add up to more than 100 %.",
  "range-out-of-order": () => "Minimum, usual and maximum must be in this order.",
  "conversion-unknown": (m) =>
    `No conversion by ${String(m["convertBy"])} is known for ${list([m["ingredient"]])}. Use weight instead.`,
  "keeping-unknown": () => "Choose a storage class from the list.",
  "photo-not-a-picture": () => "This isn't a JPEG, PNG or WebP picture. Choose another file.",
  "photo-has-metadata": () => "This picture still contains location or camera data. Choose it again here.",
  "photo-unknown": () => "This recipe has no photo.",
};
