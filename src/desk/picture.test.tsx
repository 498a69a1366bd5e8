import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { smallPicture } from "./picture";

/** jsdom draws nothing: bitmaps and canvases are told what a browser would make of them. */
const asked: { width: number; height: number }[] = [];
let jpegCharacters: (quality: number) => number;

const bitmap = (width: number, height: number) => ({ width, height, close: () => undefined });

beforeEach(() => {
  asked.length = 0;
  jpegCharacters = () => 90_000;
  vi.stubGlobal("createImageBitmap", async (of: Blob | { width: number }, size?: ImageBitmapOptions) => {
    if (of instanceof Blob) {
      if (of.type !== "image/jpeg") throw new DOMException("no picture", "InvalidStateError");
      return bitmap(4000, 3000);
    }
    const made = { width: size?.resizeWidth ?? 0, height: size?.resizeHeight ?? 0 };
    asked.push(made);
    return bitmap(made.width, made.height);
  });
  vi.spyOn(HTMLCanvasElement.prototype, "getContext").mockReturnValue({ drawImage: () => undefined } as never);
  vi.spyOn(HTMLCanvasElement.prototype, "toBlob").mockImplementation((done, _, quality) =>
    done(new Blob([new Uint8Array((jpegCharacters(quality as number) * 3) / 4)], { type: "image/jpeg" })),
  );
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

const file = (bytes: number, type = "image/jpeg"): File =>
  Object.defineProperty(new File(["x"], "drum", { type }), "size", { value: bytes });

describe("a photo", () => {
  it("is made 1,024 pixels across, its shape kept, as base64 that the ledger takes", async () => {
    const made = await smallPicture(file(6_000_000));
    expect(asked).toEqual([{ width: 1024, height: 768 }]);
    expect(made).toMatchObject({ ok: true, value: { type: "image/jpeg" } });
    expect(made.ok && made.value.base64).toMatch(/^[A-Za-z0-9+/]+={0,2}$/);
  });
  it("is pressed harder until it is small enough", async () => {
    jpegCharacters = (quality) => (quality > 0.5 ? 400_000 : 200_000);
    expect(await smallPicture(file(6_000_000))).toMatchObject({ ok: true });
  });
  it.each([
    ["of 20 MB", file(20_000_000), "too-large"],
    ["that is none", file(2000, "text/plain"), "not-a-picture"],
  ] as const)("%s is refused", async (_, given, error) => {
    expect(await smallPicture(given)).toEqual({ ok: false, error });
  });
  it("that cannot be made small enough is refused", async () => {
    jpegCharacters = () => 900_000;
    expect(await smallPicture(file(6_000_000))).toEqual({ ok: false, error: "stays-too-large" });
  });
});
