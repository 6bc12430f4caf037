package neatcorner.core.drawing;

/** By how much something small is drawn larger, in steps one can say. */
final class Exaggeration {
    private static final int[] STEPS = {1, 2, 5, 10, 20, 50, 100, 200};

    private Exaggeration() {
    }

    /** The largest step that keeps it at or under this; 1 where it is larger by itself, or nothing. */
    static int of(double small, double drawn) {
        int factor = 1;
        for (int step : STEPS) {
            if (Math.abs(small) > 0 && Math.abs(small) * step <= drawn) {
                factor = step;
            }
        }
        return factor;
    }
}
