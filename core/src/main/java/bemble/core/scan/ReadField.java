package bemble.core.scan;

/**
 * The squares of a question on its printed page; measures in millimetres from the page's upper left.
 *
 * @param question its number on the sheet
 * @param x the left edge of its squares
 * @param y their upper edge
 * @param side the side of a square
 */
public record ReadField(int question, double x, double y, double side, int columns, int rows) {
    /** The same drawn {@code scale} times as large, and then moved. */
    public ReadField placed(double scale, double right, double down) {
        return new ReadField(question, x * scale + right, y * scale + down, side * scale, columns, rows);
    }
}
