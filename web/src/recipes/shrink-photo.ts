import imageCompression from "browser-image-compression";

/** Wide enough for a card on a large screen, light enough to be sent over a weak network. */
const longestSidePx = 960;
const mostMegabytes = 0.28;

/** Base64 of what is in a file, without the "data:" head. */
export const base64Of = (blob: Blob): Promise<string> =>
  new Promise((done, fail) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result).split(",")[1] ?? "");
    reader.onerror = () => fail(reader.error ?? new Error("unreadable file"));
    reader.readAsDataURL(blob);
  });

/** The file that a base64 data: address holds. */
export function fileOfDataAddress(address: string): File {
  const [head = "", data = ""] = address.split(",");
  const type = /^data:([^;]+)/.exec(head)?.[1] ?? "";
  const bytes = Uint8Array.from(atob(data), (char) => char.charCodeAt(0));
  return new File([bytes], "photo", { type });
}

/**
 * A photo made small enough to keep: drawn anew as a JPEG, so that neither place, time nor camera stays in it.
 * @returns base64, or undefined when the file is no picture that this browser can draw.
 */
export async function shrinkPhoto(file: File): Promise<string | undefined> {
  try {
    const small = await imageCompression(file, {
      maxWidthOrHeight: longestSidePx,
      maxSizeMB: mostMegabytes,
      fileType: "image/jpeg",
      preserveExif: false,
      alwaysKeepResolution: false,
      // Its worker loads a script from another host; a canvas does the same here.
      useWebWorker: false,
    });
    return await base64Of(small);
  } catch {
    return undefined;
  }
}
