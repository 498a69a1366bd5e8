"use client";
import { useState } from "react";
import { type Base, MOST_TRIES, type TriedAcid, triedAcid } from "@/core/kettle";
import { Refused } from "@/core/numerics";
import { parsePlain } from "@/core/units";
import { type NumberInput, useNumber } from "@/desk";

export interface TriesForm {
  readonly base: Base;
  readonly setBase: (base: Base) => void;
  readonly gPerL: NumberInput;
  readonly purity: NumberInput;
  readonly oilMl: NumberInput;
  readonly blank: NumberInput;
  readonly tries: readonly NumberInput[];
  /** What is typed so far; those that are read as numbers. */
  readonly read: readonly number[];
  readonly found: TriedAcid | null;
  /** Why there is no answer, at its field. */
  readonly refused: { readonly at: "tries" | "blankMl"; readonly words: string } | null;
}

/** The form of a titration, and what it says as it is typed. */
export function useTries(oilKgPerL: number): TriesForm {
  const [base, setBase] = useState<Base>("KOH");
  const gPerL = useNumber("1", parsePlain);
  const purity = useNumber("90", parsePlain);
  const oilMl = useNumber("1", parsePlain);
  const blank = useNumber("0", parsePlain);
  const first = useNumber("", parsePlain);
  const second = useNumber("", parsePlain);
  const third = useNumber("", parsePlain);
  const fourth = useNumber("", parsePlain);
  const fifth = useNumber("", parsePlain);
  const tries = [first, second, third, fourth, fifth].slice(0, MOST_TRIES);
  const read = tries.flatMap((t) => (t.value === null ? [] : [t.value]));
  const answer = answerOf(
    { titrantGPerL: gPerL.value, base, oilMl: oilMl.value, oilKgPerL, purityPct: purity.value },
    read,
    blank.value,
  );
  return { base, setBase, gPerL, purity, oilMl, blank, tries, read, ...answer };
}

interface How {
  readonly titrantGPerL: number | null;
  readonly base: Base;
  readonly oilMl: number | null;
  readonly oilKgPerL: number;
  readonly purityPct: number | null;
}

function answerOf(h: How, read: readonly number[], blank: number | null): Pick<TriesForm, "found" | "refused"> {
  const { titrantGPerL, oilMl, purityPct } = h;
  if (titrantGPerL === null || oilMl === null || purityPct === null || blank === null || read.length === 0)
    return { found: null, refused: null };
  if (titrantGPerL <= 0 || oilMl <= 0 || purityPct <= 0 || purityPct > 100 || blank < 0 || read.some((r) => r < 0))
    return { found: null, refused: null };
  try {
    const how = { base: h.base, oilKgPerL: h.oilKgPerL, titrantGPerL, oilMl, titrantPurity: purityPct / 100 };
    return { found: triedAcid(how, read, blank), refused: null };
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    const at = error.field === "blankMl" ? "blankMl" : "tries";
    return {
      found: null,
      refused: {
        at,
        words:
          at === "blankMl"
            ? "The blank took more than the oil did. Do both again."
            : "That is more than even pure fatty acid could take. Check the titrant's strength and the sample.",
      },
    };
  }
}
