interface Props {
  readonly refusals: readonly string[];
  readonly needs: readonly string[];
}

/** What the interlocks say of the step below it: why it is not offered, or what it needs first. */
export function StepCheck({ refusals, needs }: Props) {
  if (refusals.length === 0 && needs.length === 0) return null;
  const refused = refusals.length > 0;
  return (
    <div
      role="status"
      className={`mt-3 rounded-md border-2 px-3 py-2 text-[14px] ${refused ? "border-stop text-stop" : "border-warn bg-warn-floor text-ink"}`}
    >
      <b className={refused ? "" : "text-warn"}>{refused ? "Not like this: " : "First: "}</b>
      <ul className="list-disc pl-5">
        {(refused ? refusals : needs).map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
    </div>
  );
}
