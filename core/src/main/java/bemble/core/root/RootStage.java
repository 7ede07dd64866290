package bemble.core.root;

/**
 * One stage of a square root.
 *
 * @param pair the two digits brought down
 * @param current the last difference with the pair
 * @param doubled twice the root so far
 * @param divisor {@code doubled} with the digit beside it
 */
public record RootStage(String pair, String current, String doubled, int digit,
        String divisor, String product, String difference) {}
