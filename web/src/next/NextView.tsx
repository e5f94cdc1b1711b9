import { Link } from "react-router";
import { useBookings } from "../api/booking";
import { useCleanDown } from "../api/cleaning";
import type { Booking, Schemas } from "../api/client";
import { useSessions } from "../api/depot";
import { useAttention, useKitSummary, usePlaces } from "../api/kit";
import { useTrials } from "../api/money";
import { usePackingList } from "../api/packing";
import { useBuying, useRunningShort } from "../api/restock";
import { useToday } from "../api/session";
import { useUnnamed } from "../api/unnamed";
import { Marks } from "../parts/Marks";
import { Counted, Sentence } from "../parts/Sentence";
import { Swatch } from "../parts/Swatch";
import { buttonLook } from "../ui/Button";
import { Without } from "../ui/Without";
import { facesWords } from "../words/bookings";
import { aboutMinutes, toClean } from "../words/cleaning";
import { capital, count } from "../words/codes";
import { clockTime, nearDate, plusDays, shortDate } from "../words/dates";
import { openGaps } from "../words/gaps";
import { fullName, shortName } from "../words/items";
import { markWords } from "../words/marks";
import { readinessWords } from "../words/packing";
import { Mended } from "./Mended";

/** What has to be done before the next job. */
export function NextView() {
  const today = useToday();
  const bookings = useBookings();
  const summary = useKitSummary();
  const trouble = useAttention(MOST_TROUBLE).data;
  if (!bookings.data) return <Without query={bookings} waiting="Looking ahead…" />;
  const next =
    bookings.data.find((booking) => booking.stage === "away") ??
    bookings.data.find((booking) => booking.lastDay >= today && booking.stage === "planned");
  return (
    <div className="flex flex-col gap-7">
      {next ? (
        <NextBooking booking={next} today={today} />
      ) : (
        <Sentence>
          No bookings ahead. <Counted to="/bookings/new">Add one</Counted>, and Gerula builds its
          packing list.
        </Sentence>
      )}
      {summary.data?.things === 0 && (
        <div className="flex flex-wrap items-center gap-3">
          <p className="text-soft max-hand:w-full">
            The kit is empty. Tick what you own for a first packing list, or add it item by item.
          </p>
          <Link to="/kit/usual" className={buttonLook("solid")}>
            Tick what you have
          </Link>
          <Link to="/kit/lines" className={buttonLook()}>
            Add items
          </Link>
        </div>
      )}
      <Mended today={today} />
      {trouble && trouble.total > 0 && <Trouble trouble={trouble} today={today} />}
      <Waiting today={today} />
    </div>
  );
}

/** More of them than this are told as a number. */
const MOST_TROUBLE = 40;

function NextBooking({ booking, today }: { booking: Booking; today: string }) {
  const list = usePackingList(booking.id).data;
  const to = `/bookings/${booking.id}`;
  const gaps = openGaps(list?.findings ?? []).length;
  const away = booking.stage === "away";
  return (
    <div className="flex flex-col gap-4">
      <Sentence>
        {capital(nearDate(booking.firstDay, today))}
        {booking.callTime && ` at ${clockTime(booking.callTime)}`}:{" "}
        <Counted to={to}>{booking.title}</Counted>, {facesWords(booking.faces)}.{" "}
        {list &&
          (away ? (
            <>
              <Counted to={to} state="soon">
                {capital(count(list.lines.length, "item"))}
              </Counted>{" "}
              still out.
            </>
          ) : (
            <>
              <Counted to={to}>
                {list.packedCount} of {list.lines.length}
              </Counted>{" "}
              packed
              {gaps > 0 && (
                <>
                  ,{" "}
                  <Counted to={`${to}#gaps`} state="stop">
                    {count(gaps, "gap")}
                  </Counted>
                </>
              )}
              . {list.lines.length > 0 && readinessWords(list.readiness, today)}
            </>
          ))}
      </Sentence>
      <div>
        <Link to={to} className={buttonLook("solid")}>
          {away ? "Put it back" : "Pack for it"}
        </Link>
      </div>
    </div>
  );
}

/** Orders are made a fortnight ahead. */
const ORDER_DAYS = 14;

/** What is to be ordered soon, and a session that lies on the bench. */
function Waiting({ today }: { today: string }) {
  const wanted = useBuying().data ?? [];
  const orders = wanted.filter(
    (one) => one.orderBy !== null && one.orderBy <= plusDays(today, ORDER_DAYS),
  );
  const due = wanted.filter((one) => one.ordered !== null && one.ordered.thereBy <= today);
  const late = due.filter((one) => one.ordered?.late).length;
  const over = (useTrials().data ?? []).filter((one) => one.over);
  const shortOnes = (useRunningShort(null).data?.stocks ?? []).filter(
    (one) => one.wanted < one.advice.packs && one.advice.orderBy <= plusDays(today, ORDER_DAYS),
  );
  // What was estimated since it was last looked at, and runs short soon.
  const toCount = shortOnes.filter((one) => one.isLeftEstimated);
  const sessions = (useSessions().data ?? []).filter(
    (session) => session.state === "running" || session.state === "paused",
  );
  const unnamed = useUnnamed().data?.length ?? 0;
  const cleaning = useCleanDown().data;
  const unclean = cleaning ? toClean(cleaning) : 0;
  if (
    orders.length +
      due.length +
      over.length +
      shortOnes.length +
      sessions.length +
      unnamed +
      unclean ===
    0
  )
    return null;
  return (
    <section>
      <h2 className="border-ink border-b pb-1 font-semibold">Also waiting</h2>
      <ul>
        {cleaning && unclean > 0 && (
          <li className="flex gap-3 border-hair border-b py-2">
            <Link to="/clean-down" className="hover:underline">
              {capital(count(unclean, "item"))} to clean
            </Link>
            <span className="text-soft">{aboutMinutes(cleaning.handSeconds)} of work</span>
          </li>
        )}
        {shortOnes[0] && (
          <li className="flex gap-3 border-hair border-b py-2">
            <Link to="/restock" className="hover:underline">
              {capital(count(shortOnes.length, "product"))} to order within two weeks
            </Link>
            <span className={shortOnes[0].advice.isLate ? "text-stop" : "text-soft"}>
              {shortOnes[0].advice.isLate
                ? "some too late to order"
                : `order by ${shortDate(shortOnes[0].advice.orderBy, today)}`}
            </span>
          </li>
        )}
        {due.length > 0 && (
          <li className="flex gap-3 border-hair border-b py-2">
            <Link to="/restock#on-the-way" className="hover:underline">
              {capital(count(due.length, "order"))} to receive
            </Link>
            <span className={late > 0 ? "text-stop" : "text-soft"}>
              {late > 0 ? `${late} late` : "due today"}
            </span>
          </li>
        )}
        {toCount[0] && (
          <li className="flex gap-3 border-hair border-b py-2">
            <Link to={`/kit/items/${toCount[0].like.id}`} className="hover:underline">
              {toCount.length === 1
                ? `Look how much of ${shortName(toCount[0].like)} is left`
                : `Look how much is left of ${shortName(toCount[0].like)} and ${count(toCount.length - 1, "other")}`}
            </Link>
            <span className="text-soft">estimated, and running short</span>
          </li>
        )}
        {over.map((one) => (
          <li key={one.item.id} className="flex gap-3 border-hair border-b py-2">
            <Link to={`/kit/items/${one.item.id}`} className="hover:underline">
              Has {shortName(one.item)} proved itself?
            </Link>
            <span className="text-soft">its trial ended {shortDate(one.until, today)}</span>
          </li>
        ))}
        {orders.map((one) => (
          <li key={one.id} className="flex gap-3 border-hair border-b py-2">
            <Link to="/restock#buying" className="hover:underline">
              Order {fullName(one.like)}
            </Link>
            <span className={(one.orderBy ?? today) < today ? "text-stop" : "text-soft"}>
              by {shortDate(one.orderBy ?? today, today)}
            </span>
          </li>
        ))}
        {sessions.map((session) => (
          <li key={session.id} className="flex gap-3 border-hair border-b py-2">
            <Link to={`/bench/${session.id}`} className="hover:underline">
              A session on the bench
            </Link>
            <span className="text-soft">
              {session.done} of {session.pieces} containers filled
            </span>
          </li>
        ))}
        {unnamed > 0 && (
          <li className="border-hair border-b py-2">
            <Link to="/kit/unnamed" className="hover:underline">
              {capital(count(unnamed, "picture"))} without a name
            </Link>
          </li>
        )}
      </ul>
    </section>
  );
}

/** Things no job should meet: past their date, nowhere, contaminated, empty. */
function Trouble({ trouble, today }: { trouble: Schemas["ItemPage"]; today: string }) {
  const places = usePlaces();
  const { items, total } = trouble;
  return (
    <section>
      <h2 className="flex justify-between border-ink border-b pb-1 font-semibold">
        Fix first
        {items.length < total && (
          <span className="font-normal text-soft">
            {items.length} of {total} are shown
          </span>
        )}
      </h2>
      <ul>
        {items.map((item) => (
          <li
            key={item.id}
            className="grid grid-cols-[auto_1fr_auto] items-center gap-3 border-hair border-b py-2"
          >
            <Swatch item={item} />
            <div className="min-w-0">
              <Link to={`/kit/items/${item.id}`} className="hover:underline">
                {fullName(item)}
              </Link>
              <p className="text-[0.9rem] text-stop">
                {Object.values(item.marks)
                  .filter((mark) => mark.state === "stop")
                  .map((mark) => markWords(mark.reason, places, today))
                  .join(" ")}
              </p>
            </div>
            <Marks item={item} />
          </li>
        ))}
      </ul>
    </section>
  );
}
