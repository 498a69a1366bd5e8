import type { ButtonHTMLAttributes } from "react";

export type ButtonLook = "go" | "stop" | "plain" | "quiet";

const LOOK: Record<ButtonLook, string> = {
  go: "bg-go text-on-go border-go",
  stop: "bg-stop text-on-stop border-stop",
  plain: "bg-card text-ink border-quiet",
  quiet: "bg-transparent text-ink border-transparent underline underline-offset-4",
};

const SIZE = {
  usual: "px-3 text-[17px]",
  wide: "w-full px-3 text-xl",
  small: "max-w-full px-1.5 text-[15px]",
} as const;

/** `small` is for plates, where room is short; the target stays as tall. */
export const buttonClass = (look: ButtonLook, size: "usual" | "wide" | "small" = "usual"): string =>
  `inline-flex min-h-[var(--target)] items-center justify-center gap-2 rounded-md border py-1 text-center font-plate font-semibold leading-tight disabled:border-rule disabled:bg-rule disabled:text-ink-2 ${LOOK[look]} ${SIZE[size]}`;

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly look?: ButtonLook;
  readonly wide?: boolean;
}

/** A thing to do. At least 44 px to the thumb, 56 with gloves. */
export function Button({ look = "plain", wide = false, className = "", type = "button", ...rest }: Props) {
  return <button type={type} className={`${buttonClass(look, wide ? "wide" : "usual")} ${className}`} {...rest} />;
}
