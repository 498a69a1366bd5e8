import { Button } from "@/ui";
import { SPEEDS, type useClockwork } from "./useClockwork";

/** Go on and hold, and how fast: a rehearsal waits for nobody, and can. */
export function ClockworkBar({ clockwork: c }: { clockwork: ReturnType<typeof useClockwork> }) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button look={c.runs ? "plain" : "go"} onClick={() => c.setRuns(!c.runs)}>
        {c.runs ? "Hold" : "Go on"}
      </Button>
      {SPEEDS.map((s) => (
        <button
          key={s}
          type="button"
          aria-pressed={s === c.speed}
          onClick={() => c.setSpeed(s)}
          className="min-h-[var(--target)] min-w-[52px] rounded-md border border-quiet bg-card font-plate text-[16px] font-semibold aria-pressed:border-go aria-pressed:bg-go aria-pressed:text-on-go"
        >
          ×{s}
        </button>
      ))}
    </div>
  );
}
