import { formatNumber } from "../units";
import type * as z from "../zod";

/** What is wrong at a field, in plain words. */
export interface FieldIssue {
  readonly field: string;
  readonly reason: string;
}

type Issue = z.core.$ZodIssue;

/** Zod's findings, one a field: the first is the one that matters, what follows from it is noise. */
export function issuesOf(error: z.ZodError): FieldIssue[] {
  const first = new Map<string, FieldIssue>();
  for (const issue of error.issues.flatMap((i) => wordIssue(i, [])))
    if (!first.has(issue.field)) first.set(issue.field, issue);
  return [...first.values()];
}

function wordIssue(issue: Issue, above: readonly PropertyKey[]): FieldIssue[] {
  const path = [...above, ...issue.path];
  if (issue.code === "unrecognized_keys")
    return issue.keys.map((key) => ({ field: [...path, key].join("."), reason: "is not a field here" }));
  if (issue.code === "invalid_union") {
    const nearest = nearestBranch(issue.errors);
    if (nearest) return nearest.flatMap((inner) => wordIssue(inner, path));
  }
  return [{ field: path.join("."), reason: reasonOf(issue) }];
}

/** Of the branches of a union the one that went furthest: its complaint is the one meant. */
function nearestBranch(branches: readonly (readonly Issue[])[]): readonly Issue[] | undefined {
  const depth = (issues: readonly Issue[]): number =>
    Math.max(0, ...issues.map((i) => i.path.length)) - issues.length / 100;
  return [...branches].sort((a, b) => depth(b) - depth(a))[0];
}

const KINDS: Record<string, string> = {
  number: "a number",
  string: "text",
  array: "a list",
  object: "an object with fields",
  tuple: "a pair",
  boolean: "true or false",
  record: "an object with fields",
};

function reasonOf(issue: Issue): string {
  switch (issue.code) {
    case "invalid_type":
      return issue.input === undefined ? "is missing" : `must be ${KINDS[issue.expected] ?? issue.expected}`;
    case "too_small":
      return sizeReason(issue.origin, `at least ${bound(issue.minimum)}`, issue.inclusive === false);
    case "too_big":
      return sizeReason(issue.origin, `at most ${bound(issue.maximum)}`, issue.inclusive === false);
    case "invalid_value":
      return `must be one of ${issue.values.map(String).join(", ")}`;
    default:
      return issue.message;
  }
}

function sizeReason(origin: string, size: string, exclusive: boolean): string {
  if (origin === "array") return `must have ${size} in it`;
  if (origin === "string") return `must be ${size} letters long`;
  return exclusive
    ? `must be ${size.replace("at least", "more than").replace("at most", "less than")}`
    : `must be ${size}`;
}

const bound = (n: number | bigint): string => {
  const size = Math.abs(Number(n));
  return size > 0 && (size < 0.01 || size >= 1e9)
    ? Number(n).toExponential()
    : formatNumber(Number(n), 4).replace(/\.?0+$/, "");
};
