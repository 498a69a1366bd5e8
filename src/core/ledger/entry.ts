import { fail, ok, type Result } from "../units";
import * as z from "../zod";
import type { LedgerError } from "./errors";
import { ActId, EntryId, type VesselId } from "./ids";
import { KIND_LIST } from "./kinds";
import type { Flow } from "./kinds/flow";
import type { Kind } from "./kinds/kind";
import { Iso, Text } from "./schema/quantities";

type Known = (typeof KIND_LIST)[number];
export type EntryKind = Known["kind"];
type KindOf<K extends EntryKind> = Extract<Known, { kind: K }>;

export const ENTRY_KINDS: readonly EntryKind[] = KIND_LIST.map((k) => k.kind);

/** The kinds by name; the one cast that a table of kinds needs. */
const KINDS = Object.fromEntries(KIND_LIST.map((k) => [k.kind, k])) as { [K in EntryKind]: KindOf<K> };
export const isKind = (kind: string): kind is EntryKind => Object.hasOwn(KINDS, kind);

/** A kind as whoever handles entries of any kind sees it. */
export const kindOf = (kind: EntryKind): Kind<EntryKind, z.ZodType> => KINDS[kind] as Kind<EntryKind, z.ZodType>;

const EnvelopeSchema = z.strictObject({
  id: EntryId,
  v: z.number().int().min(1),
  /** When it happened, and when and where it was written down. */
  happenedAt: Iso,
  recordedAt: Iso,
  device: z.string().min(1).max(64),
  /** One more than any its writer knew of: what one device wrote later is later, whatever its clock said. */
  counter: z.int().min(1).optional(),
  kind: z.enum(ENTRY_KINDS),
  data: z.unknown(),
  note: Text.optional(),
  /** A correction: this entry stands instead of that one. */
  replaces: EntryId.optional(),
  /** Written with others as one act: taken back as one. */
  act: ActId.optional(),
  /** What the interlocks refused, where a person said that it had happened all the same. */
  despite: z.array(z.string().min(1).max(60)).min(1).max(20).optional(),
});
type Envelope = Omit<z.infer<typeof EnvelopeSchema>, "kind" | "data">;

export type EntryOf<K extends EntryKind> = Envelope & { kind: K; data: z.infer<KindOf<K>["data"]> };
export type Entry = { [K in EntryKind]: EntryOf<K> }[EntryKind];

/** What a person says happened; the store adds id, device and times. */
export type Draft = {
  [K in EntryKind]: {
    readonly kind: K;
    readonly data: EntryOf<K>["data"];
    readonly happenedAt?: string;
    readonly note?: string;
    readonly replaces?: EntryId;
    readonly despite?: string[];
  };
}[EntryKind];

/** Checks an entry of this build's version against its envelope and its own kind. */
export function parseEntry(raw: unknown): Result<Entry, LedgerError> {
  const envelope = EnvelopeSchema.safeParse(raw);
  if (!envelope.success) return fail(invalid([], envelope.error));
  const data = kindOf(envelope.data.kind).data.safeParse(envelope.data.data);
  if (!data.success) return fail(invalid(["data"], data.error));
  return ok({ ...envelope.data, data: data.data } as Entry);
}

type Wrong = Extract<LedgerError, { code: "invalid" }>["why"];

/** What is wrong with a value, in no schema's words. */
function whyOf(issue: z.core.$ZodIssue | undefined): Wrong {
  // Said by this house itself, in plain words.
  if (issue?.code === "custom") return "said";
  if (issue?.code === "too_big") return "too-much";
  if (issue?.code === "too_small") return "too-little";
  return issue?.code === "invalid_type" && issue.input === undefined ? "missing" : "other";
}

function invalid(under: readonly string[], error: z.ZodError): LedgerError {
  const issue = error.issues[0];
  const path = [...under, ...(issue?.path ?? [])].join(".");
  return { code: "invalid", path, why: whyOf(issue), reason: issue?.message ?? "not an entry" };
}

/** What an entry moves. */
export const flowsOf = (entry: Pick<Entry, "kind" | "data">): readonly Flow[] => kindOf(entry.kind).moves(entry.data);

/** Every vessel an entry names: those its litres go through, and those it only speaks of. */
export function vesselsOf(entry: Pick<Entry, "kind" | "data">): VesselId[] {
  const through = flowsOf(entry).flatMap(({ from, to }) => [from, to].filter((id) => id !== null));
  return [...new Set([...through, ...kindOf(entry.kind).speaksOf(entry.data)])];
}
