/** A sound one hears over a pump: short tones from the browser's own synthesiser; silent where it has none. */
export function beep(times = 3, over: "pump" | "engine" = "pump"): void {
  const Audio = window.AudioContext;
  if (!Audio) return;
  const context = new Audio();
  for (let i = 0; i < times; i++) {
    const tone = context.createOscillator();
    const volume = context.createGain();
    // A square wave cuts through an engine where a soft one drowns.
    tone.type = over === "engine" ? "square" : "sine";
    tone.frequency.value = over === "engine" ? 1320 : 880;
    volume.gain.value = over === "engine" ? 0.9 : 0.25;
    tone.connect(volume).connect(context.destination);
    tone.start(context.currentTime + i * 0.45);
    tone.stop(context.currentTime + i * 0.45 + 0.25);
  }
  setTimeout(() => void context.close(), times * 450 + 500);
}
