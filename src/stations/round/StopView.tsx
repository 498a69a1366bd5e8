"use client";
import { getISODay } from "date-fns";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import type { Draft, RoundState } from "@/core/ledger";
import type { SourceView } from "@/core/readings";
import { openingsOn } from "@/core/readings/rounds/roundQuestion";
import {
  despite,
  Interlock,
  isRefused,
  useClearance,
  useHref,
  useKept,
  useTell,
  useUnits,
  useWhen,
  WhenField,
  wordsAgainst,
  YardLink,
} from "@/desk";
import { useYard } from "@/store";
import { Button, TextField } from "@/ui";
import { accessWords, currencySign, priceWords, REASON_WORDS, VERDICT_WORDS } from "@/ui/words";
import { CheckFields } from "./CheckFields";
import { CountFields } from "./CountFields";
import { IntoFields } from "./IntoFields";
import {
  containersFor,
  draftsOf,
  firstStopTexts,
  learned,
  lotKind,
  readStop,
  type StopTexts,
  verdictOf,
} from "./stopForm";

interface Props {
  readonly source: SourceView;
  readonly round: RoundState;
}

/** One stop, for one hand: look and smell, count, choose the container, take it or leave it. */
export function StopView({ source: s, round }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const tell = useTell();
  const router = useRouter();
  const href = useHref();
  const first = useMemo(() => firstStopTexts(s.source, units), [s.source, units]);
  const { id } = round.round;
  const [t, keep, forget] = useKept<StopTexts>(`${draftsOf(id)}${s.source.id}`, first);
  const [refused, setRefused] = useState<string | null>(null);
  const when = useWhen();
  const set = (more: Partial<StopTexts>): void => keep({ ...t, ...more });

  const verdict = verdictOf(t);
  const kind = lotKind(t);
  const containers = useMemo(() => containersFor(view, round.round.by, kind), [view, round.round.by, kind]);
  const read = readStop(s, t, id, containers, units);
  const clearance = useClearance(read.pickup && when.wrong === undefined ? when.stamp(read.pickup) : null);

  const back = (): void => {
    forget();
    router.push(href("/round"));
  };
  const write = async (draft: Draft, said: string): Promise<void> => {
    const reason = when.wrong ?? (await tell(when.stamp(draft), said));
    setRefused(reason);
    if (reason === null) back();
  };
  const take = async (against: readonly string[] = []): Promise<void> => {
    if (!read.pickup || read.litres === null || !read.to) {
      setRefused(
        read.errors.look ??
          (read.to ? "Count what you take, or say why not." : "No container goes along. Add one in the Log."),
      );
      return;
    }
    const known = learned(s.source, t, read.fluid);
    if (known) {
      const reason = await tell({ kind: "source", data: known }, `${s.source.name} is noted.`);
      if (reason !== null) {
        setRefused(reason);
        return;
      }
    }
    const [pickup = read.pickup] = despite([read.pickup], against);
    await write(pickup, `Took ${units.litres(read.litres)} from ${s.source.name} into ${read.to.vessel.name}.`);
  };
  const leave = (outcome: "refused" | "closed" | "nothing"): Promise<void> => {
    const why =
      outcome === "refused"
        ? t.reason.trim() || (verdict?.reasons ?? []).map((r) => SHORT[r]).join(", ")
        : t.reason.trim();
    const check = outcome === "refused" && t.look !== "" ? { check: { ...t.check, look: t.look } } : {};
    return write(
      { kind: "visit", data: { source: s.source.id, outcome, reason: why, round: id, ...check } },
      `${s.source.name}: nothing taken.`,
    );
  };

  return (
    <div className="mx-auto w-full max-w-[680px] px-4 py-3">
      <YardLink href="/round" className="inline-flex min-h-[var(--target)] items-center underline underline-offset-4">
        All stops
      </YardLink>
      <h1 className="text-[27px] leading-tight">{s.source.name}</h1>
      <p className="text-ink-2">
        {[s.source.contact, s.source.fries, priceWords(s.source.pricePerLitre, units.money)].filter(Boolean).join("; ")}
      </p>
      {s.source.notes ? <p className="mt-1">{s.source.notes}</p> : null}
      <ClosedNow source={s} />

      <CheckFields texts={t} source={s.source} onChange={set} />
      <div
        role="status"
        className={`mt-3 rounded-md border-2 bg-card px-3 py-2 ${BORDERS[verdict?.verdict ?? "none"]}`}
      >
        <p className="font-plate text-[21px] leading-tight font-semibold">
          {verdict ? VERDICT_WORDS[verdict.verdict] : "Hold a jar to the light first"}
        </p>
        <ul className="text-[14px]">
          {verdict?.reasons.map((r) => (
            <li key={r}>{REASON_WORDS[r]}</li>
          ))}
        </ul>
      </div>

      <CountFields texts={t} read={read} onChange={set} />
      <IntoFields containers={containers} read={read} onChange={set} />
      <div className="mt-3 grid grid-cols-2 gap-2">
        <TextField
          label="Paid for it"
          value={read.paidText}
          onChange={(paid) => set({ paid })}
          error={read.errors.paid}
          hint="with a minus, what they paid you"
          decimal
          suffix={currencySign(view.settings.currency).trim()}
        />
        <TextField
          label="Left there (if you know)"
          value={t.left}
          onChange={(left) => set({ left })}
          error={read.errors.left}
          decimal
          suffix={units.volume.unit}
        />
      </div>

      <div className="mt-3">
        <WhenField when={when} label="You were there" />
      </div>

      {/* In the thumb's reach wherever one has got to on the page. */}
      <div className="sticky bottom-[76px] -mx-4 mt-2 bg-floor px-4 py-2 md:bottom-0">
        {read.litres !== null && read.litres > 0 ? (
          <div className="mb-2">
            <Interlock clearance={clearance} />
          </div>
        ) : null}
        <p aria-live="polite" className="text-stop">
          {refused}
        </p>
        <Button
          wide
          look={verdict?.verdict === "refuse" ? "plain" : "go"}
          className="mt-1"
          disabled={isRefused(clearance)}
          onClick={() => void take()}
        >
          Take {read.litres ? units.litres(read.litres) : "it"}
          {read.to ? ` into ${read.to.vessel.name}` : ""}
        </Button>
        {isRefused(clearance) ? (
          <Button look="quiet" className="mt-1" onClick={() => void take(wordsAgainst(clearance))}>
            It has happened: log it all the same
          </Button>
        ) : null}
      </div>
      <div className="mt-4">
        <TextField label="Why nothing was taken" value={t.reason} onChange={(reason) => set({ reason })} />
        <div className="mt-2 grid grid-cols-3 gap-2">
          <Button look={verdict?.verdict === "refuse" ? "stop" : "plain"} onClick={() => void leave("refused")}>
            Refuse it
          </Button>
          <Button onClick={() => void leave("closed")}>Closed</Button>
          <Button onClick={() => void leave("nothing")}>Nothing there</Button>
        </div>
      </div>
    </div>
  );
}

const BORDERS = { take: "border-go", apart: "border-warn", refuse: "border-stop", none: "border-rule" } as const;

/** A refusal's reason in the history, where there is little room. */
const SHORT: Record<keyof typeof REASON_WORDS, string> = {
  solvent: "smells of petrol or thinner",
  creamy: "creamy",
  wet: "wet",
  "much-water": "much water",
  "some-water": "some water",
  sour: "sour",
  meat: "meat",
  engine: "engine oil",
  clear: "",
};

/** Closed by the hours one has noted; one may still have found somebody in. */
function ClosedNow({ source: s }: { source: SourceView }) {
  const { view } = useYard();
  const now = new Date(view.at);
  const open = openingsOn(s.source.access, getISODay(now), now.getHours() * 60 + now.getMinutes());
  if (!open || open.some((o) => o.fromHours <= 0 && o.toHours >= 0)) return null;
  return (
    <p className="mt-2 rounded-md border-2 border-warn bg-warn-floor px-3 py-2 text-[14px]">
      Closed at this hour: {accessWords(s.source.access)}.
    </p>
  );
}
