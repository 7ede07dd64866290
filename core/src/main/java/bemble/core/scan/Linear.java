package bemble.core.scan;

/** Linear equations. */
final class Linear {
    private static final double NOTHING = 1e-12;

    private Linear() {}

    /**
     * Solves as many equations as there are unknowns (Gauss, the largest pivot first).
     *
     * @param equations a row each, its result last; used up by the work
     * @throws IllegalArgumentException where they have no one solution
     */
    static double[] solve(double[][] equations) {
        int n = equations.length;
        for (int column = 0; column < n; column++) {
            int pivot = column;
            for (int row = column + 1; row < n; row++) {
                if (Math.abs(equations[row][column]) > Math.abs(equations[pivot][column])) {
                    pivot = row;
                }
            }
            double[] top = equations[pivot];
            equations[pivot] = equations[column];
            equations[column] = top;
            if (Math.abs(top[column]) < NOTHING) {
                throw new IllegalArgumentException("no one solution");
            }
            for (int row = column + 1; row < n; row++) {
                double times = equations[row][column] / top[column];
                for (int i = column; i <= n; i++) {
                    equations[row][i] -= times * top[i];
                }
            }
        }
        double[] solution = new double[n];
        for (int row = n - 1; row >= 0; row--) {
            double left = equations[row][n];
            for (int i = row + 1; i < n; i++) {
                left -= equations[row][i] * solution[i];
            }
            solution[row] = left / equations[row][row];
        }
        return solution;
    }
}
