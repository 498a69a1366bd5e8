import { expect, it, vi } from "vitest";

const tones = vi.fn();
class FakeAudio {
  currentTime = 0;
  destination = {};
  close = async (): Promise<void> => undefined;
  createGain() {
    return { gain: { value: 0 }, connect: (to: unknown) => to };
  }
  createOscillator() {
    return { frequency: { value: 0 }, connect: (to: unknown) => to, start: tones, stop: () => undefined };
  }
}

it("sounds as often as it is told, and is silent where nothing can sound", async () => {
  const { beep } = await vi.importActual<typeof import("./beep")>("./beep");
  beep(3);
  expect(tones).not.toHaveBeenCalled();
  vi.stubGlobal("AudioContext", FakeAudio);
  beep(3);
  expect(tones).toHaveBeenCalledTimes(3);
  vi.unstubAllGlobals();
});
