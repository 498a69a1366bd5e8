"use client";
import { METHANOL_BOILS_CELSIUS, ranMinutes, STIRRED, type Stage, stageMinutes } from "@/core/kettle";
import type { BatchState, Draft } from "@/core/ledger";
import { stageState } from "@/core/readings/kettle/stages";
import { formatMinutes, MS_PER_MINUTE } from "@/core/units";
import { NumberField, useAmount, useNote, useSeconds, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { dayAndClock } from "@/ui/words";
import { BigNumber } from "./StageCard";
import { useCautionRead } from "./StageCaution";

interface Props {
  readonly batch: BatchState;
  readonly stage: Stage;
  /** Written with its beginning: methoxide that waits in its can is let in. */
  readonly atStart?: readonly Draft[];
  readonly startWords?: string;
}

/** The clock of a stage that takes its time: begin, read, stop when the power goes, and go on. */
export function StageClock({ batch, stage, atStart = [], startWords = "Begin, and start the clock" }: Props) {
  const { now } = useYard();
  const note = useNote();
  const isRead = useCautionRead(stage);
  const state = stageState(batch, stage);
  useSeconds(state.runsSince);
  const minutes = stageMinutes(stage, batch.batch.recipe) ?? 0;
  const ran = ranMinutes(state, now());
  const left = Math.ceil(minutes - ran);
  const say = (did: "begin" | "stop" | "go-on", words: string, also: readonly Draft[] = []): void =>
    note([{ kind: "stage", data: { batch: batch.batch.id, stage, did } }, ...also], words);
  if (state.begunAt === null)
    return (
      <>
        <BigNumber value={formatMinutes(minutes)} name="by the recipe" />
        <Button
          look="go"
          wide
          className="mt-2"
          disabled={!isRead}
          onClick={() => say("begin", "The clock runs.", atStart)}
        >
          {startWords}
        </Button>
        {isRead ? null : <p className="text-[14px] text-ink-2">Read the caution below first.</p>}
      </>
    );
  if (state.stoppedAt !== null)
    return (
      <>
        <BigNumber value="Stopped" name={`since ${dayAndClock(state.stoppedAt)}`} warn />
        <p className="mt-2 text-[15px]">{powerCut(stage, ran, minutes, stoodMinutes(state.stoppedAt, now()))}</p>
        <Button look="go" wide className="mt-2" onClick={() => say("go-on", "It goes on.")}>
          It is warm and stirring: go on
        </Button>
      </>
    );
  return (
    <>
      <BigNumber
        value={left > 0 ? formatMinutes(left) : "Time is up"}
        name={
          left > 0
            ? `to go, ${formatMinutes(Math.max(0, Math.floor(ran)))} done`
            : `after ${formatMinutes(Math.floor(ran))}`
        }
        warn={left <= 0}
      />
      <Reading batch={batch} stage={stage} />
      {STIRRED.has(stage) ? (
        <Button className="mt-2" onClick={() => say("stop", "Stopped. What it has had counts.")}>
          It stopped: power, pump or heater
        </Button>
      ) : null}
    </>
  );
}

const stoodMinutes = (since: string, now: string): number => (Date.parse(now) - Date.parse(since)) / MS_PER_MINUTE;

/** Unstirred so long, glycerol has gone down, and it is judged as a first step. */
const SETTLED_MINUTES = 180;

/** What a power cut means at a stage that is stirred, and how to go on. */
export function powerCut(stage: Stage, ran: number, minutes: number, stood: number): string {
  const rest = formatMinutes(Math.max(0, Math.ceil(minutes - ran)));
  const had = `It had ${formatMinutes(Math.floor(ran))} and has stood ${formatMinutes(Math.max(0, Math.floor(stood)))}.`;
  const safe =
    "Switch the heater off at the wall, so that it does not come on by itself uncovered or unstirred. Keep the lid on: it still holds methanol.";
  if (stood < SETTLED_MINUTES)
    return `${had} ${safe} When the power is back: stir first, then warm to its temperature, and give it the ${rest} that are left. What it has had counts.`;
  return stage === "acid"
    ? `${had} ${safe} It has parted. Stir it up, warm it, and give it the ${rest}; then titrate, and let that decide.`
    : `${had} ${safe} Glycerol has gone down meanwhile. Either let it out now and count this as a first step, then mix on with a fifth of the methanol and lye; or stir all of it up, warm it and give it the ${rest}. Test the solubility before you wash.`;
}

/** The thermometer, read and kept: the reaction clock goes by it. */
function Reading({ batch, stage }: { batch: BatchState; stage: Stage }) {
  const units = useUnits();
  const note = useNote();
  const celsius = useAmount(units.temperature, null);
  const last = batch.readings.findLast((r) => r.stage === stage);
  const keep = (): void => {
    const read = celsius.value;
    if (read === null) celsius.refuse("What does it read?");
    else if (read < -20 || read > 150) celsius.refuse(`Between ${units.celsius(-20)} and ${units.celsius(150)}.`);
    else {
      note(
        { kind: "stage", data: { batch: batch.batch.id, stage, did: "read", celsius: read } },
        `${units.celsius(read, 1)} is kept.`,
      );
      celsius.set("");
    }
  };
  return (
    <div className="mt-2 flex items-end gap-2">
      <div className="flex-1">
        <NumberField
          label={`In the kettle${last ? `, last ${units.celsius(last.celsius, 1)}` : ""}`}
          of={celsius}
          hint={
            celsius.value !== null && celsius.value > METHANOL_BOILS_CELSIUS
              ? `over ${units.celsius(METHANOL_BOILS_CELSIUS, 1)} methanol boils off: turn it down`
              : `hold ${units.celsius(batch.batch.recipe.holdCelsius - 3)} to ${units.celsius(batch.batch.recipe.holdCelsius + 2)}`
          }
        />
      </div>
      <Button onClick={keep}>Keep it</Button>
    </div>
  );
}
