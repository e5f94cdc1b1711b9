import type { ComponentProps } from "react";

type ButtonProps = ComponentProps<"button"> & {
  /** One solid button a view at most: the next thing to do. */
  kind?: "outlined" | "solid" | "bare" | "stop";
  size?: "usual" | "thumb";
};

const KINDS = {
  outlined: "border border-ink bg-paper hover:bg-lit",
  solid: "border border-ink bg-ink text-paper hover:opacity-90",
  bare: "border border-transparent text-soft hover:text-ink",
  stop: "border border-stop bg-paper text-stop hover:bg-lit",
};

export const buttonLook = (kind: keyof typeof KINDS = "outlined", size = "usual") =>
  `${KINDS[kind]} inline-flex items-center justify-center gap-2 rounded disabled:opacity-50 ${
    size === "thumb"
      ? "min-h-14 w-full px-4 font-voice text-xl font-semibold"
      : "min-h-9 px-3 max-hand:min-h-11"
  }`;

export function Button({ kind = "outlined", size = "usual", className, ...rest }: ButtonProps) {
  return (
    <button type="button" className={`${buttonLook(kind, size)} ${className ?? ""}`} {...rest} />
  );
}
