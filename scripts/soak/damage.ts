import { readYardFile, writeYardFile } from "@/core/formats";
import { bigYard } from "@/demo";
import type { Finding } from "./lab";

const END = Date.UTC(2026, 10, 24, 12);
type Damage = (bytes: Uint8Array, at: number, chance: () => number) => Uint8Array;

const cut = (bytes: Uint8Array, from: number, to: number): Uint8Array =>
  Uint8Array.from([...bytes.subarray(0, from), ...bytes.subarray(to)]);
const span = (chance: () => number): number => 1 + Math.floor(chance() * 600);

const WAYS: Readonly<Record<string, Damage>> = {
  "a bit turned": (b, at, chance) => b.with(at, (b[at] ?? 0) ^ (1 << Math.floor(chance() * 8))),
  "a byte changed": (b, at, chance) => b.with(at, Math.floor(chance() * 256)),
  "a digit changed": (b, at, chance) => b.with(at, 48 + Math.floor(chance() * 10)),
  "a space put in": (b, at) => Uint8Array.from([...b.subarray(0, at), 32, ...b.subarray(at)]),
  "bytes cut out": (b, at, chance) => cut(b, at, at + span(chance)),
  "bytes written twice": (b, at, chance) => Uint8Array.from([...b.subarray(0, at + span(chance)), ...b.subarray(at)]),
  "a block of noughts": (b, at, chance) => b.map((byte, i) => (i >= at && i < at + span(chance) ? 0 : byte)),
  "cut short": (b, at) => b.subarray(0, at),
};

/** Files damaged all over, head and seal as often as entries: none may be taken. */
export function damagedFiles(count: number, chance: () => number): Finding {
  const text = writeYardFile(bigYard(150, 3, END), new Date(END).toISOString());
  const bytes = new TextEncoder().encode(text);
  const decoder = new TextDecoder();
  const head = text.indexOf("\n");
  const seal = text.lastIndexOf("\n");
  const regions = { head: [0, head], entries: [head, seal], seal: [seal, bytes.length] } as const;
  const faults: string[] = [];
  let refused = 0;
  let same = 0;
  const ways = Object.entries(WAYS);
  for (let n = 0; n < count; n++) {
    const [region, [from, to]] = Object.entries(regions)[n % 3] ?? ["entries", regions.entries];
    const [way, damage] = ways[Math.floor(n / 3) % ways.length] ?? ["nothing", (b: Uint8Array) => b];
    const at = from + Math.floor(chance() * (to - from));
    const harmed = decoder.decode(damage(bytes, at, chance));
    if (harmed === text) same += 1;
    else if (readYardFile(harmed).ok) faults.push(`${way} in the ${region} at ${at} was taken`);
    else refused += 1;
  }
  const figures = `${count} files, head, entries and seal alike, in ${ways.length} ways: ${refused} refused, ${same} came out unharmed`;
  return { name: "Damaged files", figures, faults };
}
