package bemble.core.sheet;

/**
 * A mark laid out in squares. What does not apply is null.
 *
 * @param step the step that puts it there
 * @param until the step that takes it away
 * @param place the power of ten of its column
 * @param row the square's row from the top, from 0
 * @param column the square's column from the left, from 0
 * @param toRow the row of the other end of a rule or line
 * @param toColumn the column of the other end
 * @param anchor the part of the square it takes
 */
public record SheetMark(int step, Integer until, String kind, String block, String line, int place, int row, int column,
                        Integer toRow, Integer toColumn, String text, String role, String size, String anchor) {}
