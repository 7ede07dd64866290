package bemble.core.working;

/**
 * Where a mark sits: never at a pixel, so that place value is alignment.
 *
 * @param block the stack of lines it belongs to
 * @param line the line of that block
 * @param place the column, as a power of ten; in a block without place value, a slot counted leftwards
 */
public record Spot(Block block, Line line, int place) {}
