// First-load script of each prerendered page in KiB (gzip), read from its own HTML.
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { gzipSync } from "node:zlib";

/** @returns {Record<string, number>} page file -> KiB */
export function firstLoad() {
  const root = join(import.meta.dirname, "..", ".next");
  /** @type {Map<string, number>} */
  const size = new Map();
  /** @type {Record<string, number>} */
  const pages = {};
  const html = readdirSync(join(root, "server/app"), { recursive: true }).filter((f) => String(f).endsWith(".html"));
  for (const f of html.map(String)) {
    const text = readFileSync(join(root, "server/app", f), "utf8");
    const scripts = new Set(
      [...text.matchAll(/<script\b(?![^>]*nomodule)[^>]*?\ssrc="\/_next\/([^"?]+)/gi)].map((m) => m[1] ?? ""),
    );
    let sum = 0;
    for (const s of scripts) {
      const known = size.get(s) ?? gzipSync(readFileSync(join(root, s)), { level: 9 }).length;
      size.set(s, known);
      sum += known;
    }
    pages[f] = sum / 1024;
  }
  return pages;
}
