package bemble.core.subtraction.column;

import bemble.core.hand.Question;

/**
 * Whether ten more are needed before {@code bottom} can be taken from {@code top}.
 *
 * @param bottom all that goes away in this column
 * @param untouched whether the top figure still stands as it was given
 * @param hasTop whether a digit is given above
 * @param left the figure just to the left as it stands now; -1 where there is none
 * @param last whether there is no column further to the left
 */
public record NeedsTen(int place, int top, int bottom, boolean untouched, boolean hasTop, int left,
        boolean last) implements Question<Boolean> {
    @Override
    public Boolean careful() {
        return top < bottom;
    }
}
