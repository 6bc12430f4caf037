package neatcorner.core.phrase;

/** What has a name for people and can stand in a phrase under it. */
public interface Named {
    /** Its name. */
    Words words();
}
