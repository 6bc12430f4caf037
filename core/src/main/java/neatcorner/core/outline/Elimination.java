package neatcorner.core.outline;

/** A few linear equations with as many unknowns, by Gauss's elimination with the largest pivot. */
public final class Elimination {
    private Elimination() {
    }

    /**
     * The unknowns; no numbers where the equations do not depend on all of them.
     *
     * @param rows each equation's factors and its right side; used up
     */
    public static double[] solved(double[][] rows) {
        int n = rows.length;
        for (int i = 0; i < n; i++) {
            int largest = i;
            for (int j = i + 1; j < n; j++) {
                largest = Math.abs(rows[j][i]) > Math.abs(rows[largest][i]) ? j : largest;
            }
            double[] row = rows[largest];
            rows[largest] = rows[i];
            rows[i] = row;
            for (int j = i + 1; j < n; j++) {
                double factor = rows[j][i] / row[i];
                for (int k = i; k <= n; k++) {
                    rows[j][k] -= factor * row[k];
                }
            }
        }
        double[] found = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            double rest = rows[i][n];
            for (int j = i + 1; j < n; j++) {
                rest -= rows[i][j] * found[j];
            }
            found[i] = rest / rows[i][i];
        }
        return found;
    }
}
