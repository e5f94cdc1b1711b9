package gerula.core.booking;

import gerula.core.rule.Reason;

/** Adds needs of one face that one reason brings, for all days of a booking. */
record FaceNeeds(Face face, Reason reasons, int days, NeedDrafts drafts) {

  NeedDraft measured(NeedKind kind, long thousandthsADay) {
    return drafts.of(kind, face).measured(thousandthsADay * days).reasons(reasons);
  }

  NeedDraft counted(NeedKind kind, int piecesADay) {
    return drafts
        .of(kind, face)
        .counted((long) piecesADay * days)
        .reasons(reasons)
        .reasons(new NeedReason.CountedPerFace(face.id(), piecesADay, days));
  }
}
