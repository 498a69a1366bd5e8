import type { Gauge } from "./gauge";

/** As much of Web Serial as is used; not every browser has it. */
interface SerialPort {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
}

const serialOf = (): Serial | undefined => (navigator as Navigator & { readonly serial?: Serial }).serial;

export const hasSerial = (): boolean => typeof navigator !== "undefined" && serialOf() !== undefined;

const BAUD = 9600;

/** A gauge on a port that its owner picks: only listened to, never written to. */
export const serialGauge: Gauge = {
  name: "Gauge on this computer's port",
  async open(onLine, onEnd) {
    const serial = serialOf();
    if (!serial) throw new Error("This browser cannot listen to a port.");
    const port = await serial.requestPort();
    await port.open({ baudRate: BAUD });
    if (!port.readable) throw new Error("Nothing can be read from this port.");
    const reader = port.readable.getReader();
    void listen(reader, onLine).then(
      () => onEnd("The gauge was unplugged."),
      (e: unknown) => onEnd(e instanceof Error ? e.message : "The port fell silent."),
    );
    // A port that was unplugged cannot be closed: there is nothing to tell anybody.
    return () =>
      void reader
        .cancel()
        .then(() => port.close())
        .catch(() => undefined);
  },
};

async function listen(reader: ReadableStreamDefaultReader<Uint8Array>, onLine: (line: string) => void): Promise<void> {
  const decoder = new TextDecoder();
  let rest = "";
  for (;;) {
    const { value, done } = await reader.read();
    if (done) return;
    const lines = (rest + decoder.decode(value, { stream: true })).split("\n");
    rest = lines.pop() ?? "";
    for (const line of lines) onLine(line);
  }
}
