export type Answer = "yes" | "no" | "none";

const ANSWERS: readonly (readonly [Answer, string])[] = [
  ["yes", "Yes"],
  ["no", "No"],
  ["none", "It has none"],
];

interface Props<Item extends string> {
  readonly items: Readonly<Record<Item, string>>;
  readonly answers: Readonly<Partial<Record<Item, Answer>>>;
  readonly onAnswer: (item: Item, answer: Answer) => void;
}

/** Things to look at, each answered by one press. */
export function AnswerList<Item extends string>({ items, answers, onAnswer }: Props<Item>) {
  return (Object.keys(items) as Item[]).map((item) => (
    <fieldset key={item} className="flex flex-wrap items-center justify-between gap-2 border-t border-rule py-1.5">
      <legend className="sr-only">{items[item]}</legend>
      <span aria-hidden="true" className="min-w-0 flex-1 basis-[300px] text-[16px]">
        {items[item]}
      </span>
      <span className="flex gap-1.5">
        {ANSWERS.map(([value, name]) => (
          <button
            key={value}
            type="button"
            aria-pressed={answers[item] === value}
            onClick={() => onAnswer(item, value)}
            className={`min-h-[var(--target)] rounded-md border border-quiet bg-card px-3 font-plate text-[16px] font-semibold aria-pressed:shadow-[inset_0_0_0_2px_currentColor] ${value === "no" ? "aria-pressed:text-stop" : "aria-pressed:text-go"}`}
          >
            {name}
          </button>
        ))}
      </span>
    </fieldset>
  ));
}
