package neatcorner.core.report;

/** How much a finding matters. */
public enum Severity {
    /** It cannot be made so. */
    STOP,
    /** It can be made so, and will likely be regretted. */
    CAUTION,
    /** Worth knowing. */
    NOTE
}
