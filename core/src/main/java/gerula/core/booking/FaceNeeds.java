package gerula.core.booking;

import gerula.core.rule.Because;

/** Adds needs of one face that one reason brings, for all days of a booking. */
record FaceNeeds(Face face, Because because, int days, NeedDrafts drafts) {

  NeedDraft measured(NeedKind kind, long thousandthsADay) {
    return drafts.of(kind, face).measured(thousandthsADay * days).because(because);
  }

  NeedDraft counted(NeedKind kind, int piecesADay) {
    return drafts
        .of(kind, face)
        .counted((long) piecesADay * days)
        .because(because)
        .because(new Why.Counted(face.id(), piecesADay, days));
  }
}
