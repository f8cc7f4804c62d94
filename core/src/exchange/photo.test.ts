import { describe, expect, it } from "@jest/globals";
import { photoType } from "./photo.ts";

const letters = (text: string): number[] => [...text].map((letter) => letter.charCodeAt(0));
const segment = (marker: number, body: readonly number[]): number[] => [
  0xff,
  marker,
  ...[(body.length + 2) >> 8, (body.length + 2) & 255],
  ...body,
];
const jfif = segment(0xe0, [...letters("JFIF"), 0, 1, 2]);
const scan = [...segment(0xda, [1, 2, 3]), 9, 9, 9];
const jpeg = (...segments: readonly number[][]): Uint8Array =>
  Uint8Array.from([0xff, 0xd8, ...segments.flat(), ...scan]);
const chunk = (name: string, body: readonly number[] = []): number[] => [
  ...[0, 0, 0, body.length],
  ...letters(name),
  ...body,
  ...[0, 0, 0, 0],
];
const png = (...chunks: readonly number[][]): Uint8Array =>
  Uint8Array.from([0x89, ...letters("PNG"), 13, 10, 26, 10, ...chunks.flat()]);
const riff = (name: string, body: readonly number[]): number[] => [
  ...letters(name),
  ...[body.length, 0, 0, 0],
  ...body,
  ...(body.length % 2 ? [0] : []),
];
const webp = (...chunks: readonly number[][]): Uint8Array =>
  Uint8Array.from([...letters("RIFF"), 0, 0, 0, 0, ...letters("WEBP"), ...chunks.flat()]);

describe("a dish's photo", () => {
  it.each([
    ["image/jpeg", jpeg(jfif)],
    ["image/png", png(chunk("IHDR", [1, 2]), chunk("IDAT", [3]), chunk("IEND"))],
    ["image/webp", webp(riff("VP8 ", [1, 2, 3]))],
  ])("is a %s by its own bytes", (type, bytes) => {
    expect(photoType(bytes)).toEqual({ ok: true, value: type });
  });

  it.each([
    ["JPEG with Exif after the first segment", jpeg(jfif, segment(0xe1, letters("Exif")))],
    ["JPEG with an editor's block", jpeg(segment(0xed, letters("Photoshop")))],
    ["PNG with Exif", png(chunk("IHDR", [1]), chunk("eXIf", [1, 2]))],
    ["PNG with text", png(chunk("IHDR", [1]), chunk("tEXt", letters("Author")))],
    ["WebP with Exif after an odd chunk", webp(riff("VP8X", [1, 2, 3]), riff("EXIF", [1]))],
    ["WebP with XMP", webp(riff("XMP ", [1]))],
  ])("is refused while it says where it was taken: %s", (_what, bytes) => {
    expect(photoType(bytes)).toEqual({ ok: false, issue: { code: "photo-has-metadata" } });
  });

  it("steps over long segments, and reads a cut-off file to its end", () => {
    const long = segment(
      0xe2,
      Array.from({ length: 600 }, () => 0xff),
    );
    expect(photoType(jpeg(jfif, long))).toEqual({ ok: true, value: "image/jpeg" });
    expect(photoType(jpeg(long, segment(0xe1, letters("Exif")))).ok).toBe(false);
    expect(photoType(jpeg(jfif).subarray(0, 8)).ok).toBe(true);
    expect(
      photoType(
        png(
          chunk(
            "IHDR",
            Array.from({ length: 200 }, () => 7),
          ),
          chunk("tIME"),
        ),
      ).ok,
    ).toBe(false);
    expect(photoType(webp(riff("VP8X", [1, 2]), riff("EXIF", []))).ok).toBe(false);
    expect(photoType(webp(riff("VP8X", [1, 2]), riff("ALPH", []))).ok).toBe(true);
  });

  it("looks no further than the picture itself begins: what follows may be any bytes", () => {
    expect(photoType(Uint8Array.from([...jpeg(jfif), 0xff, 0xe1])).ok).toBe(true);
  });

  it.each([
    ["nothing", new Uint8Array()],
    ["a page", Uint8Array.from(letters("<html><script>"))],
    ["an SVG", Uint8Array.from(letters("<svg xmlns="))],
    ["a GIF", Uint8Array.from(letters("GIF89a"))],
    ["a cut-off signature", Uint8Array.from([0xff, 0xd8])],
  ])("is not %s", (_what, bytes) => {
    expect(photoType(bytes)).toMatchObject({ ok: false, issue: { code: "photo-not-a-picture" } });
  });
});
