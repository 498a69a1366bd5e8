"use client";
import { useRouter } from "next/navigation";
import { useMemo } from "react";
import { isLike, isPetrol } from "@/core/fluids";
import type { VesselView } from "@/core/readings";
import { isPetrolBlend } from "@/core/readings/blend/gums";
import {
  NoSuchVessel,
  RunSheet,
  type SheetStep,
  useChosenVessel,
  useHref,
  useKept,
  useLog,
  useRunSheet,
  useUnits,
  YardLink,
} from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { nameOf } from "@/ui/words";
import { BlendPages } from "../BlendPages";
import { type KeptMix, NO_MIX_KEPT } from "../keptMix";
import { DrainStep } from "./DrainStep";
import { JarStep } from "./JarStep";
import { PourStep } from "./PourStep";
import { StandStep } from "./StandStep";

/** A blend poured step by step, over days if need be: every pour is logged as it is poured. */
export function MixScreen() {
  const { chosen, isUnknown } = useChosenVessel("blend", (v) => v.vessel.role === "tank");
  if (isUnknown) return <NoSuchVessel bench="is blended in" />;
  return chosen ? <Sheet key={chosen.vessel.id} target={chosen} /> : <NothingYet />;
}

function NothingYet() {
  const log = useLog();
  return (
    <Bench
      title="Mix, step by step"
      subtitle="Nothing is being mixed here. Choose what to pour on the bench, then Step by step."
      asideLabel="More"
      aside={<BlendPages here="sheet" />}
    >
      <Button className="mt-4" onClick={() => log.open("add-vessel", { preset: "jerrycan", role: "blend" })}>
        Add a can to mix in
      </Button>
    </Bench>
  );
}

const OUTDOORS = "Outdoors, no sparks, no flames, cans earthed. Rags go flat or under water.";
const AS_PETROL =
  "Outdoors, vented cap, cans earthed to each other, no sparks, no heat, no phone in the hand. Treat all of it as petrol from the first drop.";

function Sheet({ target }: { target: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  const router = useRouter();
  const href = useHref();
  const log = useLog();
  const key = `mix ${target.vessel.id}`;
  const [plan, , forget] = useKept<KeptMix>(key, NO_MIX_KEPT);
  const run = useRunSheet(key);
  const isTank = target.vessel.role === "tank";
  const withPetrol = plan.pours.some((p) => isPetrol(p.fluid)) || isPetrolBlend(target);
  const isDark = plan.pours.some((p) => isLike(p.fluid, "motor-oil") || isLike(p.fluid, "atf"));
  const end = (): void => {
    run.forget();
    forget();
    router.push(href("/blend"));
  };
  // What each step was to reach is told from how the can stood as it began.
  const reached = useMemo(() => {
    let litres = plan.startLitres;
    return plan.pours.map((p) => {
      litres += p.litres;
      return litres;
    });
  }, [plan]);
  if (plan.pours.length === 0) return <NothingYet />;
  const steps: SheetStep[] = plan.pours.map((p, i) => ({
    title: `${units.volume.text(p.litres)} ${units.volume.unit} ${p.what}`,
    caution: isPetrol(p.fluid) || withPetrol ? AS_PETROL : p.isOil ? undefined : OUTDOORS,
    body: (
      <PourStep
        key={`${p.from} ${p.litres}`}
        pour={p}
        plan={plan}
        target={target}
        reachedLitres={reached[i] ?? 0}
        onDone={() => run.go(i + 1)}
      />
    ),
    does: <Skip onSkip={() => run.go(i + 1)} />,
  }));
  const after = plan.pours.length;
  if (isTank)
    steps.push({
      title: "Drive to mix it",
      body: (
        <p>
          Until it is driven it lies unmixed, the heaviest below, where the pump draws. A few minutes with the return
          running mix it. Log the trip on Drive.
        </p>
      ),
      expect: "no stumbling when it is cold tomorrow",
      does: (
        <Button look="go" wide onClick={end}>
          Done
        </Button>
      ),
    });
  else
    steps.push(
      {
        title: "Let it stand",
        body: <StandStep target={target} hours={withPetrol ? view.settings.petrolStandHours : A_DAY_HOURS} />,
        caution: withPetrol ? "Vented cap, in the shade, away from the house and from sparks." : undefined,
        expect: withPetrol ? "dark threads and water at the bottom" : "as clear as it was poured",
      },
      {
        title: "A jar of it to the light",
        body: <JarStep target={target} isDark={isDark} onDone={() => run.go(after + 2)} />,
        does: <Skip onSkip={() => run.go(after + 2)} />,
      },
      {
        title: "Drain what fell out",
        body: <DrainStep target={target} isDark={isDark} onDone={() => run.go(after + 3)} />,
        caution: withPetrol ? "What you drain burns like petrol. A lidded metal bin, outdoors." : undefined,
        does: <Skip onSkip={() => run.go(after + 3)} />,
      },
      {
        title: "Through the bags",
        body: (
          <p>
            Run it through the finest bag you have, from {target.vessel.name}
            {plan.tank ? ` towards ${nameOf(view, plan.tank)}` : ""}.{" "}
            {withPetrol ? "By gravity or by hand, never by air." : ""}
          </p>
        ),
        does: (
          <div className="grid gap-2">
            <YardLink
              href={`/filter?vessel=${target.vessel.id}`}
              className="inline-flex min-h-[var(--target)] items-center justify-center rounded-md border border-quiet bg-card font-plate text-[18px] font-semibold"
            >
              To the filter line
            </YardLink>
            <Button look="go" wide onClick={() => run.go(after + 4)}>
              Done, go on
            </Button>
          </div>
        ),
      },
      {
        title: "Fill the tank",
        body: <p>Engine off. What is still to be done before it may go in is said on the form.</p>,
        does: (
          <div className="grid gap-2">
            <Button
              look="go"
              wide
              onClick={() => log.open("fill", { from: target.vessel.id, ...(plan.tank && { to: plan.tank }) })}
            >
              Log the fill
            </Button>
            <Button wide onClick={end}>
              The sheet is done
            </Button>
          </div>
        ),
      },
    );
  return (
    <>
      <h1 className="px-4 pt-3 text-[24px]">Mixing in {target.vessel.name}</h1>
      <RunSheet steps={steps} run={run} onLeave={() => router.push(href(`/blend?vessel=${target.vessel.id}`))} />
    </>
  );
}

const A_DAY_HOURS = 24;

const Skip = ({ onSkip }: { onSkip: () => void }) => (
  <Button wide onClick={onSkip}>
    Go on without it
  </Button>
);
