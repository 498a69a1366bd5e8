import type { CalculationError, FieldIssue } from "@/core/calculations";

/** A problem document, RFC 9457, with the fields that are wrong as JSON pointers. */
export interface Problem {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly errors?: readonly { readonly pointer: string; readonly detail: string }[];
}

const problem = (
  code: string,
  status: number,
  title: string,
  detail: string,
  issues: readonly FieldIssue[] = [],
): Problem => ({
  type: `urn:brisk-barrel:problem:${code}`,
  title,
  status,
  detail,
  ...(issues.length > 0 && { errors: issues.map((i) => ({ pointer: pointerOf(i.field), detail: i.reason })) }),
});

export const TOO_LARGE = problem("too-large", 413, "Too large", "The body is over 64 kB.");
export const NOT_JSON = problem("not-json", 400, "Not JSON", "The body is not complete JSON.");

export const FOREIGN_HOST = problem(
  "foreign-host",
  421,
  "Not this machine",
  "This server answers as 127.0.0.1 or localhost only.",
);
export const FOREIGN_ORIGIN = problem(
  "foreign-origin",
  403,
  "Not from there",
  "Pages of other sites may not ask here.",
);
export const WRONG_TYPE = problem("wrong-type", 415, "Not JSON", "Send the input as application/json.");
export const BUSY = problem("busy", 503, "Busy", "Too many heavy questions at once. Ask again in a moment.");
export const TOO_LONG = problem(
  "too-long",
  503,
  "Took too long",
  "The answer took too long and was given up. Ask for less.",
);
export const BROKEN = problem("broken", 500, "It fell over", "The calculation fell over. That is a fault of ours.");

export function problemOf(error: CalculationError): Problem {
  switch (error.code) {
    case "unknown-calculation":
      return problem(error.code, 404, "No such calculation", `“${error.name}” is not one. GET /api/calc lists them.`);
    case "invalid-input":
      return problem(error.code, 400, "Wrong input", worded(error.issues), error.issues);
    case "out-of-range": {
      const issue = { field: error.field, reason: `must be from ${error.min} to ${error.max}, ${error.value} is not` };
      return problem(error.code, 400, "Out of range", worded([issue]), [issue]);
    }
    case "refused":
      return problem(error.code, 400, "No answer", worded([error]), [error]);
  }
}

const worded = (issues: readonly FieldIssue[]): string =>
  issues.map((i) => `${i.field === "" ? "The input" : i.field} ${i.reason}.`).join(" ");

/** RFC 6901: `a.0.b` is /a/0/b. */
const pointerOf = (field: string): string =>
  field === "" ? "" : `/${field.replaceAll("~", "~0").replaceAll("/", "~1").replaceAll(".", "/")}`;

export const respond = (p: Problem): Response =>
  Response.json(p, { status: p.status, headers: { "Content-Type": "application/problem+json" } });
