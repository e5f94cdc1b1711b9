import { useParams } from "react-router";
import { useSession } from "../../api/depot";
import { Without } from "../../ui/Without";
import { DoneView } from "./DoneView";
import { PlanView } from "./PlanView";
import { WorkView } from "./WorkView";

/** One session: planned, under way, or done. */
export function SessionView() {
  const { id = "" } = useParams();
  const session = useSession(id);
  if (!session.data) return <Without query={session} waiting="Setting up the bench…" />;
  const { data } = session;
  if (data.plan) return <PlanView session={data} plan={data.plan} />;
  return data.state === "done" ? <DoneView session={data} /> : <WorkView session={data} />;
}
