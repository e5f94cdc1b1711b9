import type { PackingList } from "../api/packing";
import { useToday } from "../api/session";
import { Counted, Sentence } from "../parts/Sentence";
import { facesWords } from "../words/bookings";
import { capital, count, word } from "../words/codes";
import { clockTime, nearDate } from "../words/dates";
import { openGaps } from "../words/gaps";
import { gapTitle, type PackingWords, readinessWords } from "../words/packing";
import { mass } from "../words/quantities";

const SEEN_IN_A_SENTENCE = new Set([
  "wet",
  "no-power",
  "dry-cold",
  "heat",
  "flash",
  "flight",
  "no-water",
  "dim",
  "no-table",
]);

/** How the packing stands, in two or three sentences. */
export function PackingSentence({ list, words }: { list: PackingList; words: PackingWords }) {
  const { booking, lines, findings } = list;
  const today = useToday();
  const gaps = openGaps(findings);
  const running = findings.filter((finding) => finding.code === "runs-out-before").length;
  const conditions = booking.conditions.filter((one) => SEEN_IN_A_SENTENCE.has(one)).map(word);
  const unasked =
    list.unaskedMassG > 0 ? `, of which ${mass(list.unaskedMassG)} can stay at home` : "";
  const bags = list.bagsCarried
    ? `, ${count(list.bagsCarried, "bag")} with it ${mass(list.bagsMassG)}${unasked}`
    : "";
  if (booking.stage === "back") {
    return <Sentence>{booking.title} is over and everything is back home.</Sentence>;
  }
  if (booking.stage === "away") {
    return (
      <Sentence>
        {booking.title}: the bags are out with{" "}
        <Counted to="#lines">{count(lines.length, "item")}</Counted>, {mass(list.massG)}. Put each
        back when it comes home.
      </Sentence>
    );
  }
  return (
    <Sentence>
      {booking.title}, {nearDate(booking.firstDay, today)}
      {booking.callTime && ` ${clockTime(booking.callTime)}`}, {facesWords(booking.faces)}
      {conditions.length > 0 && `, ${conditions.join(", ")}`}.{" "}
      <Counted to="#lines">
        {list.packedCount} of {lines.length}
      </Counted>{" "}
      packed. The list weighs {mass(list.massG)}
      {bags}.{" "}
      {gaps.length > 0 && (
        <>
          <Counted to="#gaps" state="stop">
            {capital(count(gaps.length, "gap"))}
          </Counted>
          {gaps.length <= 2 &&
            `: ${gaps.map((gap) => gapTitle(gap, words).toLowerCase()).join(" and ")}`}
          .{" "}
        </>
      )}
      {running > 0 && (
        <>
          <Counted to="#notes" state="soon">
            {capital(count(running, "item"))}
          </Counted>{" "}
          {running === 1 ? "goes" : "go"} out of date before the last day.{" "}
        </>
      )}
      {lines.length > 0 && readinessWords(list.readiness, today)}
    </Sentence>
  );
}
