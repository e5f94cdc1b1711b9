import type { ReactNode } from "react";
import { Button } from "../ui/Button";
import { usePutOnBench } from "./usePutOnBench";

type DecantItProps = {
  item: string;
  name: string;
  kind?: "outlined" | "bare";
  children: ReactNode;
};

/** Puts one pack on the bench and goes there. */
export function DecantIt({ item, name, kind = "outlined", children }: DecantItProps) {
  const put = usePutOnBench();
  return (
    <Button kind={kind} onClick={() => void put([item], `${name} is on the bench.`)}>
      {children}
    </Button>
  );
}
