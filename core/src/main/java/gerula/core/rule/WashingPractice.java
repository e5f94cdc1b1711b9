package gerula.core.rule;

/** How brushes are washed after the job. */
public enum WashingPractice implements Code {
  /** Mild soap, then alcohol. */
  SOAP_THEN_ALCOHOL,
  /** One soap that disinfects too. */
  DISINFECTING_SOAP
}
