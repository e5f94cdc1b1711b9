import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { z } from "zod";
import { useActs } from "../../api/acts";
import type { Item } from "../../api/client";
import { usePlaces } from "../../api/kit";
import { Deciding } from "../../cleandown/Deciding";
import { Happened } from "../../cleandown/Happened";
import { DateField } from "../../parts/DateField";
import { neededWord, quietly, typedDate, useTyped } from "../../parts/typed";
import { PersonField } from "../../person/PersonField";
import { WantIt } from "../../restock/WantIt";
import { Button, buttonLook } from "../../ui/Button";
import { SelectField, TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { choices } from "../../words/codes";
import { placeChoices, placePath, shortName } from "../../words/items";
import { CAUSES } from "../../words/lists";
import { decimal } from "../../words/quantities";
import { CorrectIt } from "./CorrectIt";
import { another } from "./itemForm";
import { ReportIt } from "./ReportIt";
import { UseIt } from "./UseIt";
import { useMoving } from "./useMoving";

type Asking =
  | "use"
  | "move"
  | "discard"
  | "lend"
  | "part"
  | "report"
  | "want"
  | "correct"
  | "decide"
  | null;

/** What can be done with a thing. */
export function ItemDoing({ item, holds }: { item: Item; holds: string | null }) {
  const { perform } = useActs();
  const navigate = useNavigate();
  const move = useMoving();
  const [asking, setAsking] = useState<Asking>(null);
  const home = item.home;
  const close = () => setAsking(null);
  const addAnother = async () => {
    const id = crypto.randomUUID();
    await perform({
      path: "/api/items",
      body: { id, productId: item.product.id, product: null, item: another(item) },
      done: `Added another ${shortName(item)}, sealed and full.`,
    });
    navigate(`/kit/items/${id}`);
  };
  return (
    <div className="flex flex-wrap gap-2">
      {home && home !== item.now && (
        <Button kind="solid" onClick={() => void move(item, home)}>
          Put it away
        </Button>
      )}
      <Button onClick={() => setAsking("use")}>Use it</Button>
      <Button onClick={() => setAsking("move")}>Move it</Button>
      {item.product.unit === "piece" && item.left > 1 && (
        <Button onClick={() => setAsking("part")}>Take some elsewhere</Button>
      )}
      <Button onClick={() => setAsking("lend")}>Lend it</Button>
      <Button onClick={() => void addAnother().catch(() => {})}>Add another</Button>
      <Link to={`/kit/new?like=${item.id}`} className={buttonLook()}>
        Duplicate
      </Link>
      <Link to={`/kit/items/${item.id}/edit`} className={buttonLook()}>
        Edit
      </Link>
      <Link to={`/kit/labels?item=${item.id}`} className={buttonLook()}>
        Label
      </Link>
      <Link to={`/kit/items/${item.id}/reach`} className={buttonLook()}>
        Whom it reached
      </Link>
      {item.now && (
        <Link to={`/kit/places/${item.now}`} className={buttonLook()}>
          Open its place
        </Link>
      )}
      {holds && (
        <Link to={`/kit/places/${holds}`} className={buttonLook()}>
          Open it
        </Link>
      )}
      <Button onClick={() => setAsking("want")}>Buy it again</Button>
      {!item.trialUntil && (
        <Button
          onClick={() =>
            void perform({
              path: `/api/items/${item.id}/trial`,
              body: { until: null },
              done: `${shortName(item)} is on trial for a month.`,
            }).catch(() => {})
          }
        >
          Try it for a month
        </Button>
      )}
      <Button
        onClick={() =>
          void perform({
            path: `/api/items/${item.id}/discontinued`,
            body: { discontinued: item.product.discontinuedOn === null },
            done: item.product.discontinuedOn
              ? `${shortName(item)} is still made.`
              : `${shortName(item)} is no longer made.`,
          }).catch(() => {})
        }
      >
        {item.product.discontinuedOn ? "Still made after all" : "No longer made"}
      </Button>
      {item.spoilage || item.brokenPackOn ? (
        <Button
          onClick={() =>
            void perform({
              path: `/api/items/${item.id}/found-fine`,
              done: `${shortName(item)} is as it should be.`,
            }).catch(() => {})
          }
        >
          It is fine after all
        </Button>
      ) : (
        <Button onClick={() => setAsking("report")}>Report a problem</Button>
      )}
      {item.cleanliness !== "contaminated" && (
        <Button onClick={() => setAsking("decide")}>
          {item.cleanliness === "quarantined" ? "Decide about it" : "Quarantine it"}
        </Button>
      )}
      <a
        href={`/api/cleaning-record?item=${item.id}`}
        target="_blank"
        rel="noreferrer"
        className={buttonLook("bare")}
      >
        Its cleaning record
      </a>
      <Happened work={{ items: [item] }} booking={null} face={null} />
      <Button onClick={() => setAsking("correct")}>Correct it</Button>
      <Button onClick={() => setAsking("discard")}>Discard it</Button>
      <UseIt item={item} open={asking === "use"} onDone={close} />
      <Move item={item} open={asking === "move"} onDone={close} />
      <Part item={item} open={asking === "part"} onDone={close} />
      <Lend item={item} open={asking === "lend"} onDone={close} />
      <ReportIt item={item} open={asking === "report"} onDone={close} />
      <CorrectIt key={item.version} item={item} open={asking === "correct"} onDone={close} />
      <WantIt item={item} open={asking === "want"} onDone={close} />
      <Discard item={item} open={asking === "discard"} onDone={close} />
      <Sheet
        title={`Decide about ${shortName(item)}`}
        open={asking === "decide"}
        onOpenChange={close}
      >
        <Deciding
          item={item}
          verdicts={item.cleanliness === "quarantined" ? ["release", "discard"] : ["quarantine"]}
          onDone={close}
        />
      </Sheet>
    </div>
  );
}

type Question = { item: Item; open: boolean; onDone: () => void };

function Move({ item, open, onDone }: Question) {
  const move = useMoving();
  const places = usePlaces();
  const [to, setTo] = useState(item.now ?? "");
  return (
    <Sheet title={`Move ${shortName(item)}`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        <SelectField
          label="To"
          choices={placeChoices(places)}
          value={to}
          empty="Choose a place"
          onChange={(event) => setTo(event.target.value)}
        />
        <Button kind="solid" disabled={!to} onClick={() => void move(item, to).then(onDone)}>
          Move there
        </Button>
      </div>
    </Sheet>
  );
}

function Part({ item, open, onDone }: Question) {
  const { perform } = useActs();
  const places = usePlaces();
  const [to, setTo] = useState("");
  const [pieces, setPieces] = useState("");
  const part = async () => {
    await perform({
      path: `/api/items/${item.id}/part`,
      body: { newItem: crypto.randomUUID(), to, pieces: decimal(pieces) },
      done: `Moved ${pieces} of ${shortName(item)} to ${placePath(to, places)}.`,
    });
    onDone();
  };
  return (
    <Sheet title={`Take some of ${shortName(item)} elsewhere`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        <TextField
          label="How many"
          hint={`of ${item.left}`}
          inputMode="numeric"
          value={pieces}
          onChange={(event) => setPieces(event.target.value)}
        />
        <SelectField
          label="To"
          choices={placeChoices(places)}
          value={to}
          empty="Choose a place"
          onChange={(event) => setTo(event.target.value)}
        />
        <Button
          kind="solid"
          disabled={!to || !((decimal(pieces) ?? 0) >= 1)}
          onClick={() => void part().catch(() => {})}
        >
          Take there
        </Button>
      </div>
    </Sheet>
  );
}

const LENT = z.object({
  person: neededWord("Say who has it."),
  askBackOn: typedDate("day"),
});
const LENT_START = { person: "", askBackOn: "" };

function Lend({ item, open, onDone }: Question) {
  const { perform } = useActs();
  const { control, register, handleSubmit, formState } = useTyped(LENT, LENT_START);
  const lend = handleSubmit(async ({ person, askBackOn }) => {
    await perform({
      path: "/api/kit/lend",
      body: { items: [item.id], newPlace: crypto.randomUUID(), person, askBackOn },
      done: `${person} has ${shortName(item)}.`,
    });
    onDone();
  });
  return (
    <Sheet title={`Lend ${shortName(item)}`} open={open} onOpenChange={onDone}>
      <form className="flex flex-col gap-4" noValidate onSubmit={quietly(lend)}>
        <PersonField
          label="To whom"
          fault={formState.errors.person?.message}
          {...register("person")}
        />
        <DateField
          control={control}
          name="askBackOn"
          meant="day"
          label="Ask for it on"
          hint="or leave it open"
        />
        <Button kind="solid" type="submit" disabled={formState.isSubmitting}>
          Lend
        </Button>
      </form>
    </Sheet>
  );
}

export function Discard({ item, open, onDone }: Question) {
  const { perform } = useActs();
  const [cause, setCause] = useState("date");
  const discard = async () => {
    await perform({
      path: `/api/items/${item.id}/discard`,
      body: { cause },
      done: `Discarded ${shortName(item)}.`,
    });
    onDone();
  };
  return (
    <Sheet title={`Discard ${shortName(item)}`} open={open} onOpenChange={onDone}>
      <div className="flex flex-col gap-4">
        <SelectField
          label="Because of"
          choices={choices(CAUSES)}
          value={cause}
          onChange={(event) => setCause(event.target.value)}
        />
        <Button kind="stop" onClick={() => void discard().catch(() => {})}>
          Discard
        </Button>
      </div>
    </Sheet>
  );
}
