import { useWhyNot } from "../api/packing";
import { type PackingWords, whyNotLines } from "../words/packing";

type WhyNotProps = { booking: string; item: string; words: PackingWords };

/** Why the list was made without this one. */
export function WhyNot({ booking, item, words }: WhyNotProps) {
  const { data } = useWhyNot(booking, item);
  if (!data) return null;
  const items = new Map(words.items);
  for (const one of data.mentioned) items.set(one.id, one);
  return (
    <div role="status" className="border-line border-l-4 py-1 pl-3 text-[0.87rem] text-soft">
      {whyNotLines(data.whyNot, { ...words, items }).map((text) => (
        <p key={text}>{text}</p>
      ))}
    </div>
  );
}
