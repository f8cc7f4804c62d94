import { list, type Sentences } from "./sentence.ts";

const path = (value: unknown): string =>
  Array.isArray(value) ? value.map((one) => String(one).replaceAll("-", " ")).join(" → ") : "";

export const recipeSentences: Sentences = {
  "recipe-unknown": () => "This recipe wasn't found.",
  "recipe-moved-on": (m) =>
    `${typeof m["by"] === "string" ? m["by"] : "Someone"} saved version ${String(m["now"])} while you were editing version ${String(m["basedOn"])}. Your changes are still here: compare the versions, then save yours on top or discard it.`,
  "version-unknown": () => "That version wasn't found.",
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
