import type { ReactNode } from "react";
import { Link } from "react-router";
import { Button, buttonLook } from "../ui/Button";

type FormEndProps = { action: string; back: string; isBusy: boolean; children?: ReactNode };

/** How a long form ends: in reach however far one has scrolled. */
export function FormEnd({ action, back, isBusy, children }: FormEndProps) {
  return (
    <div className="sticky bottom-0 z-10 -mt-2 flex flex-wrap gap-2 bg-sheet py-3 max-hand:bottom-(--foot)">
      <Button kind="solid" type="submit" disabled={isBusy}>
        {action}
      </Button>
      <Link to={back} className={buttonLook("bare")}>
        Cancel
      </Link>
      {children}
    </div>
  );
}
