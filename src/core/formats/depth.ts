const QUOTE = 34;
const BACKSLASH = 92;
const OPENS = new Set([91, 123]);
const CLOSES = new Set([93, 125]);

/** Whether brackets of a JSON text lie deeper in one another than `most`: what is nested without end ends a program. */
export function isDeeperThan(text: string, most: number): boolean {
  let depth = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    if (quoted) {
      if (code === BACKSLASH) i++;
      else if (code === QUOTE) quoted = false;
    } else if (code === QUOTE) quoted = true;
    else if (OPENS.has(code)) {
      depth++;
      if (depth > most) return true;
    } else if (CLOSES.has(code)) depth--;
  }
  return false;
}
