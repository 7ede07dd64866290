package bemble.core.subtraction.counting;

import bemble.core.hand.Question;

/**
 * Whether the 1 at the front and the figure beside it are taken as one number, where the 1 would be used up whole.
 *
 * @param place the place beside the front
 */
public record LastTogether(int place, int top, int bottom) implements Question<Boolean> {
    @Override
    public Boolean careful() {
        return top < bottom;
    }
}
