import { useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { useActs } from "../../api/acts";
import { type Place, Problem } from "../../api/client";
import { usePlaceList, usePlaces } from "../../api/kit";
import { FormEnd } from "../../parts/FormEnd";
import { Sentence } from "../../parts/Sentence";
import { useTyped } from "../../parts/typed";
import { ChangedElsewhere } from "../../ui/ChangedElsewhere";
import { showFaults } from "../../ui/faults";
import { PlaceParts } from "./PlaceParts";
import { fromPlace, type PlaceTold, placeSchema, toDraft } from "./placeForm";

/** A new place, in another one or alone. */
export function PlaceNew() {
  const [search] = useSearchParams();
  const [id] = useState(() => crypto.randomUUID() as string);
  return (
    <Editor id={id} start={{ parent: search.get("in") }} title="A new place." version={null} />
  );
}

/** A place that is there already. */
export function PlaceEdit() {
  const { id = "" } = useParams();
  const { isPending } = usePlaceList();
  const place = usePlaces().get(id);
  if (!place) {
    return (
      <Sentence>
        {isPending ? "Fetching it…" : "This place doesn’t exist. Search for it again."}
      </Sentence>
    );
  }
  return <Editor id={id} start={place} title={`Edit ${place.name}.`} version={place.version} />;
}

type EditorProps = { id: string; start: Partial<Place>; title: string; version: number | null };

function Editor({ id, start, title, version }: EditorProps) {
  const { perform } = useActs();
  const navigate = useNavigate();
  const [base, setBase] = useState(version);
  const [theirs, setTheirs] = useState<Place | null>(null);
  const form = useTyped(placeSchema, fromPlace(start));
  const send = async (typed: PlaceTold, over: number | null) => {
    const place = toDraft(typed, start);
    try {
      await perform(
        over === null
          ? { path: "/api/places", body: { id, place }, done: `Added ${place.name}.` }
          : {
              method: "PUT",
              path: `/api/places/${id}`,
              body: { version: over, place },
              done: `Changed ${place.name}.`,
            },
      );
      navigate(`/kit/places/${id}`, { replace: true });
    } catch (thrown) {
      if (!(thrown instanceof Problem)) return;
      showFaults(thrown, form.setError);
      if (thrown.code === "changed-meanwhile") setTheirs(thrown.current as Place);
    }
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        form.clearErrors();
        return form.handleSubmit((typed) => send(typed, base))(event);
      }}
      className="flex max-w-4xl flex-col gap-6"
    >
      <Sentence>{title}</Sentence>
      {theirs && (
        <ChangedElsewhere
          what="place"
          onKeepMine={form.handleSubmit((typed) => send(typed, theirs.version))}
          onTakeTheirs={() => {
            form.reset(fromPlace(theirs));
            setBase(theirs.version);
            setTheirs(null);
          }}
        />
      )}
      <PlaceParts id={id} form={form} />
      <FormEnd
        action={base === null ? "Add the place" : "Save"}
        back={base === null ? "/kit" : `/kit/places/${id}`}
        isBusy={form.formState.isSubmitting}
      />
    </form>
  );
}
