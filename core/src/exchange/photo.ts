import { accept, refuse, type Result } from "../measure/index.ts";

export type PhotoType = "image/jpeg" | "image/png" | "image/webp";

export type PhotoIssue =
  | { readonly code: "photo-not-a-picture" }
  /** It still says where, when or with what it was taken. */
  | { readonly code: "photo-has-metadata" };

const ascii = (bytes: Uint8Array, from: number, length: number): string =>
  String.fromCharCode(...bytes.subarray(from, from + length));

function typeOf(bytes: Uint8Array): PhotoType | undefined {
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return "image/jpeg";
  if (ascii(bytes, 1, 3) === "PNG" && bytes[0] === 0x89) return "image/png";
  return ascii(bytes, 0, 4) === "RIFF" && ascii(bytes, 8, 4) === "WEBP" ? "image/webp" : undefined;
}

/** Four bytes as a number, big end first unless told; 0 past the end. */
const wordAt = (bytes: Uint8Array, at: number, littleEnd = false): number => {
  const four = [0, 1, 2, 3].map((i) => bytes[at + i] ?? 0);
  return (littleEnd ? four.reverse() : four).reduce((sum, byte) => sum * 256 + byte, 0);
};

/** JPEG segments before the picture itself; APP1 holds Exif and XMP, APP13 what photo editors write. */
function jpegHasMetadata(bytes: Uint8Array): boolean {
  let at = 2;
  while (at + 4 <= bytes.length && bytes[at] === 0xff) {
    const marker = bytes[at + 1] ?? 0;
    if (marker === 0xe1 || marker === 0xed) return true;
    if (marker === 0xda) return false;
    at += 2 + (bytes[at + 2] ?? 0) * 256 + (bytes[at + 3] ?? 0);
  }
  return false;
}

const tellingPngChunks = ["eXIf", "tEXt", "iTXt", "zTXt", "tIME"];

function pngHasMetadata(bytes: Uint8Array): boolean {
  for (let at = 8; at + 8 <= bytes.length; at += 12 + wordAt(bytes, at))
    if (tellingPngChunks.includes(ascii(bytes, at + 4, 4))) return true;
  return false;
}

function webpHasMetadata(bytes: Uint8Array): boolean {
  for (let at = 12; at + 8 <= bytes.length;) {
    if (["EXIF", "XMP "].includes(ascii(bytes, at, 4))) return true;
    const size = wordAt(bytes, at + 4, true);
    at += 8 + size + (size % 2);
  }
  return false;
}

const hasMetadata: Readonly<Record<PhotoType, (bytes: Uint8Array) => boolean>> = {
  "image/jpeg": jpegHasMetadata,
  "image/png": pngHasMetadata,
  "image/webp": webpHasMetadata,
};

/**
 * The type of a picture that may be kept: JPEG (ISO/IEC 10918-1), PNG (W3C, third edition) or WebP (RFC 9649), by its
 * own first bytes and not by its name. Refuses anything else, and a picture that still carries Exif, XMP or text: a
 * kitchen's place must not travel with a dish.
 */
export function photoType(bytes: Uint8Array): Result<PhotoType, PhotoIssue> {
  const type = typeOf(bytes);
  if (!type) return refuse({ code: "photo-not-a-picture" });
  return hasMetadata[type](bytes) ? refuse({ code: "photo-has-metadata" }) : accept(type);
}
