package neatcorner.core.job;

/** When the rabbet is cut, and what becomes of the corners that a cutter leaves round. */
public enum Rabbeting {
    /** Along the stick, before mitring: square corners by themselves. */
    BEFORE_MITRING,
    /** With a bearing-guided bit after the glue-up; the corners are then chiselled square. */
    AFTER_SQUARED,
    /** With a bearing-guided bit after the glue-up; the corners of the package are rounded instead. */
    AFTER_ROUNDED
}
