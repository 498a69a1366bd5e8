import { fail, ok, type Result } from "@/core/units";

export type PictureError = "too-large" | "not-a-picture" | "stays-too-large";

export const PICTURE_WORDS: Record<PictureError, string> = {
  "too-large": "This file is over 15 MB. Take the photo smaller, or crop it first.",
  "not-a-picture": "The browser cannot read this as a picture. JPEG, PNG and WebP work.",
  "stays-too-large": "This picture could not be made small enough to keep. Crop it first.",
};

const MOST_BYTES = 15_000_000;
const MOST_PIXELS = 1024;
/** What the ledger takes: base64 of about 200 kB. */
const MOST_CHARACTERS = 260_000;
const QUALITIES = [0.75, 0.6, 0.45, 0.3] as const;

export interface Picture {
  readonly type: "image/jpeg";
  readonly base64: string;
}

/** A photo made small enough to keep in the yard: at most 1,024 pixels across, as JPEG. The browser works off the page. */
export async function smallPicture(file: File): Promise<Result<Picture, PictureError>> {
  if (file.size > MOST_BYTES) return fail("too-large");
  let bitmap: ImageBitmap;
  try {
    const whole = await createImageBitmap(file);
    const scale = Math.min(1, MOST_PIXELS / Math.max(whole.width, whole.height));
    bitmap = await createImageBitmap(whole, {
      resizeWidth: Math.max(1, Math.round(whole.width * scale)),
      resizeHeight: Math.max(1, Math.round(whole.height * scale)),
      resizeQuality: "high",
    });
    whole.close();
  } catch {
    return fail("not-a-picture");
  }
  const canvas = document.createElement("canvas");
  canvas.width = bitmap.width;
  canvas.height = bitmap.height;
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0);
  bitmap.close();
  for (const quality of QUALITIES) {
    const base64 = await jpegOf(canvas, quality);
    if (base64.length > 0 && base64.length <= MOST_CHARACTERS) return ok({ type: "image/jpeg", base64 });
  }
  return fail("stays-too-large");
}

/** Base64, without the address in front of it; nothing where the browser cannot write it. */
async function jpegOf(canvas: HTMLCanvasElement, quality: number): Promise<string> {
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/jpeg", quality));
  if (!blob) return "";
  const url = await new Promise<string>((done) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.onerror = () => done("");
    reader.readAsDataURL(blob);
  });
  return url.split(",")[1] ?? "";
}
