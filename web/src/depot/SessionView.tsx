import { useParams } from "react-router";
import { Sentence } from "../frame/Sentence";
import { DoneView } from "./DoneView";
import { PlanView } from "./PlanView";
import { useSession } from "./queries";
import { WorkView } from "./WorkView";

/** One session: planned, under way, or done. */
export function SessionView() {
  const { id = "" } = useParams();
  const session = useSession(id);
  if (session.error) return <Sentence>{session.error.message}</Sentence>;
  if (!session.data) return <p className="text-soft">Laying the bench…</p>;
  const { data } = session;
  if (data.plan) return <PlanView session={data} plan={data.plan} />;
  return data.state === "done" ? <DoneView session={data} /> : <WorkView session={data} />;
}
