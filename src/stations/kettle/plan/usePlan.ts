"use client";
import { useState } from "react";
import { litres15PerLitre } from "@/core/fluids";
import {
  BASE_DOSE_SCHOOLS,
  BASES,
  type Base,
  type BatchRecipe,
  demandMolPerL,
  type KitRecipe,
  kitGuessMolPerL,
  type Pace,
  type Path,
  PRESETS,
  USUAL_CONVERSION,
  USUAL_SECOND_SHARE,
} from "@/core/kettle";
import type { Batch, BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { type Chemical, chemicalsIn, lyePack, packOf } from "@/core/readings/kettle/chemicals";
import { learnedOf } from "@/core/readings/kettle/past";
import { type NumberInput, useAmount, useFollowing, useUnits } from "@/desk";
import { useYard } from "@/store";
import { plainly } from "@/ui/words";
import { densityOf, mainOil, oilLitresIn } from "../lot";
import { type OwnPaceForm, useOwnPace } from "./OwnPace";

/** What a plan starts from: a lot by itself, a trial to be scaled up, or a failed batch. */
export interface PlanFrom {
  readonly lot: VesselView;
  readonly kettles: readonly VesselView[];
  readonly is: Batch["is"];
  readonly of?: BatchState | undefined;
}

export interface Plan {
  readonly recipe: BatchRecipe | null;
  readonly lot: VesselView;
  readonly kettle: VesselView | undefined;
  readonly setKettle: (id: string) => void;
  readonly isTrial: boolean;
  readonly setTrial: (on: boolean) => void;
  readonly litres: NumberInput;
  readonly celsius: NumberInput;
  readonly path: Path;
  readonly setPath: (path: Path) => void;
  readonly pace: Pace;
  readonly ownPace: OwnPaceForm;
  readonly setPace: (pace: Pace) => void;
  readonly base: Base;
  readonly setBase: (base: Base) => void;
  readonly purity: NumberInput;
  readonly dose: number;
  readonly setDose: (g: number) => void;
  readonly methanol: NumberInput;
  readonly kit: KitRecipe | null;
  readonly setKit: (kit: KitRecipe | null) => void;
  readonly chemicals: readonly Chemical[];
  readonly lye: Chemical | undefined;
  readonly spirit: Chemical | undefined;
  /** As titrated; null where nobody did. */
  readonly titrated: BatchRecipe["acidMolPerL"] | null;
}

const lengths = ({ holdCelsius, mixMinutes, settleHours, wash }: BatchRecipe) => ({
  holdCelsius,
  mixMinutes,
  settleHours,
  wash,
});

/** A fifth of everything once more: what turns the last of the oil in a batch that failed. */
const REWORK = { methanolShare: 0.05, doseGPerL: 1 } as const;
const TRIAL_LITRES = 1;
/** Below this, creamy fat is not liquid: it is melted before it is measured. */
export const MELT_CELSIUS = 45;

export function usePlan({ lot, kettles, is, of }: PlanFrom): Plan {
  const { view } = useYard();
  const units = useUnits();
  const old = of?.batch.recipe;
  const isRework = is === "rework";
  const chemicals = chemicalsIn(view.vessels, view.at);
  const spirit = packOf(chemicals, "methanol");
  const [kettleId, setKettle] = useState<string | null>(null);
  const [isTrial, setTrial] = useState(false);
  const bySize = [...kettles].sort((a, b) => (isTrial ? 1 : -1) * (a.capacityLitres - b.capacityLitres));
  const kettle =
    kettles.find((k) => k.vessel.id === kettleId) ?? (lot.vessel.role === "kettle" && !isTrial ? lot : bySize[0]);
  const acid = lot.quality.acid;
  const titrated = isRework ? 0 : (acid?.acidMolPerL ?? null);
  const over = acid !== null && acid.ffaPct > view.settings.acidStageAbovePct;
  const [kit, setKit] = useState<KitRecipe | null>(null);
  const [pathSet, setPath] = useState<Path | null>(null);
  const path =
    (kit?.sulfuricMl === undefined ? null : "acid-base") ??
    pathSet ??
    (isRework ? "base" : (old?.path ?? (over ? "acid-base" : "base")));
  const [pace, setPace] = useState<Pace>(old?.pace ?? "patient");
  const [base, setBase] = useState<Base>(
    old?.base ?? (lyePack(chemicals, "KOH") ? "KOH" : lyePack(chemicals, "NaOH") ? "NaOH" : "KOH"),
  );
  const [doseSet, setDose] = useState<number | null>(isRework ? REWORK.doseGPerL : (old?.doseGPerL ?? null));
  const lye = lyePack(chemicals, base);
  const litres = useAmount(units.volume, startLitres(lot, kettle, isTrial, isRework));
  const celsius = useAmount(units.temperature, view.settings.shedCelsius);
  const purity = useFollowing(plainly("%"), Math.round((lye?.purity ?? 0.9) * 1000) / 10);
  const ownPace = useOwnPace(old ? lengths(old) : PRESETS.patient);
  const preset = { ...PRESETS[pace === "own" ? "patient" : pace], ...(pace === "own" && ownPace.lengths) };
  const usualMethanol = isRework ? REWORK.methanolShare : (old?.methanolShare ?? preset.methanolShare);
  const methanol = useFollowing(plainly("%"), usualMethanol * 100);
  const doses = BASE_DOSE_SCHOOLS[base];
  const pure = (purity.value ?? 100) / 100;
  const acidOf = titrated ?? (kit ? kitGuessMolPerL(kit, pure, BASES[kit.base].gPerMol) : null);
  const usualDose = doseSet ?? doses[Math.floor(doses.length / 2)] ?? 5;
  const learned = learnedOf(view.batches).conversion;
  const litres15 =
    litres.value === null
      ? null
      : litres.value * (celsius.value === null ? 1 : litres15PerLitre(mainOil(lot), celsius.value));
  const weighed: BatchRecipe | null =
    acidOf === null || litres15 === null || litres15 <= 0 || purity.value === null || methanol.value === null
      ? null
      : {
          ...preset,
          ...(old && pace !== "own" && pace === old.pace && lengths(old)),
          path,
          pace,
          oilLitres: kit ? kit.oilLitres : litres15,
          acidMolPerL: acidOf,
          base: kit?.base ?? base,
          basePurity: purity.value / 100,
          doseGPerL: usualDose,
          ...(kit && titrated === null && { untitratedKit: kit.name }),
          ...(kit?.sulfuricMl !== undefined && {
            sulfuricMl: kit.sulfuricMl,
            acidMethanolLitres: kit.acidMethanolLitres,
          }),
          methanolShare: kit ? kit.methanolLitres / kit.oilLitres : methanol.value / 100,
          methanolPurity: spirit?.purity ?? 1,
          sulfuricPurity: Math.max(0.9, packOf(chemicals, "sulfuric-acid")?.purity ?? 0.96),
          secondShare: USUAL_SECOND_SHARE,
          conversion: learned?.[1] ?? USUAL_CONVERSION,
        };
  // A kit's one measure of lye, less what its acid takes, is what is left for the oil.
  const dose = kit && weighed ? kitDose(kit, demandMolPerL(weighed, densityOf(lot)), pure) : usualDose;
  const recipe = weighed && { ...weighed, doseGPerL: dose };
  return {
    recipe,
    lot,
    kettle,
    setKettle,
    isTrial,
    setTrial(on) {
      setTrial(on);
      litres.set(on ? units.volume.text(TRIAL_LITRES) : units.volume.text(startLitres(lot, kettle, false, isRework)));
    },
    litres,
    celsius,
    path,
    setPath,
    pace,
    ownPace,
    setPace,
    base,
    setBase(b) {
      setBase(b);
      setDose(null);
      setKit(null);
    },
    purity,
    dose,
    setDose,
    methanol,
    kit,
    setKit(next) {
      setKit(next);
      // What is filled to marks is as much as its marks say.
      if (next) litres.set(units.volume.text(next.oilLitres));
    },
    chemicals,
    lye,
    spirit,
    titrated,
  };
}

/** What a kit's one measure of lye leaves for a litre of oil, once the acid has had its part; never under what a recipe may say. */
const kitDose = (kit: KitRecipe, acidMolPerL: number, purity: number): number =>
  Math.max(1, (kit.lyeG * purity) / kit.oilLitres - acidMolPerL * BASES[kit.base].gPerMol);

/** All of a lot that is in the kettle; of another as much as the kettle takes with its methanol and room for foam. */
function startLitres(lot: VesselView, kettle: VesselView | undefined, isTrial: boolean, isRework: boolean): number {
  if (isTrial) return TRIAL_LITRES;
  const all = isRework ? lot.litres : oilLitresIn(lot);
  if (!kettle || kettle.vessel.id === lot.vessel.id) return round(all);
  return round(Math.min(all, (kettle.capacityLitres * 0.85) / 1.22));
}
const round = (litres: number): number => Math.floor(litres * 10) / 10;
