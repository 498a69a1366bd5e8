"use client";
import { Button, TextField } from "@/ui";
import type { AccessText, FormErrors } from "./sourceForm";

interface Props {
  readonly access: readonly AccessText[];
  readonly errors: FormErrors;
  readonly onChange: (access: AccessText[]) => void;
}

const DAYS = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"] as const;
const FRESH: AccessText = { weekdays: [1, 2, 3, 4, 5], from: "09:00", to: "17:00" };

/** When somebody is there to open the door; none: at any time. */
export function AccessFields({ access, errors, onChange }: Props) {
  const change = (at: number, more: Partial<AccessText>): void =>
    onChange(access.map((a, i) => (i === at ? { ...a, ...more } : a)));
  return (
    <fieldset>
      <legend className="text-[14px] text-ink-2">Access hours</legend>
      {access.length === 0 ? <p>Any time.</p> : null}
      {access.map((a, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: rows have no names; they are added and taken away at the end
        <div key={i} className="mt-2 rounded-md border border-rule p-2">
          <div className="flex flex-wrap gap-1">
            {DAYS.map((name, d) => (
              <label
                key={name}
                className="flex min-h-[var(--target)] min-w-[var(--target)] cursor-pointer items-center justify-center rounded-md border border-quiet bg-card px-2 font-plate text-[16px] font-semibold has-checked:border-go has-checked:shadow-[inset_0_0_0_2px_var(--go)] has-focus-visible:outline-3 has-focus-visible:outline-go"
              >
                <input
                  type="checkbox"
                  className="sr-only"
                  aria-label={name}
                  checked={a.weekdays.includes(d + 1)}
                  onChange={(e) =>
                    change(i, {
                      weekdays: e.target.checked ? [...a.weekdays, d + 1] : a.weekdays.filter((x) => x !== d + 1),
                    })
                  }
                />
                <span aria-hidden="true">{name.slice(0, 3)}</span>
              </label>
            ))}
          </div>
          {errors[`days-${i}`] ? <p className="mt-1 text-[14px] text-stop">{errors[`days-${i}`]}</p> : null}
          <div className="mt-2 grid grid-cols-2 gap-2">
            <TextField
              label="From"
              value={a.from}
              onChange={(from) => change(i, { from })}
              error={errors[`from-${i}`]}
            />
            <TextField label="To" value={a.to} onChange={(to) => change(i, { to })} error={errors[`to-${i}`]} />
          </div>
          <Button look="quiet" onClick={() => onChange(access.filter((_, at) => at !== i))}>
            Take these hours away
          </Button>
        </div>
      ))}
      <Button className="mt-2" onClick={() => onChange([...access, FRESH])}>
        Add hours
      </Button>
    </fieldset>
  );
}
