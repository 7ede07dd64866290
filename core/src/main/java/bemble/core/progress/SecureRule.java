package bemble.core.progress;

import java.util.List;

/**
 * The figures by which a rung is called secure, comes back, and is lost again. They are a rule to begin with: the bench
 * measures what they do to invented pupils whose true state is known.
 *
 * @param of how many of the last answers are looked at: about a sheet, so that one good day is not enough
 * @param right how many of them have to be right; one miss in ten is anybody's, but it may not be a slip of the procedure:
 *     of pupils who slip in three of ten chances a quarter would otherwise be called secure within a term
 * @param apartDays how many days lie between the first and the last of them, so that it was kept and not only just shown;
 *     where the last ten are younger, as many more are looked at as reach back so far
 * @param row how many right in a row, on two days at least, are enough without the week for a pupil of whom no slip was ever seen there;
 *     pupils who slip in three of ten chances get so far once in seventy
 * @param freeOf among how many of the last answers no slip may stand that is not old, be it that fewer are looked at
 * @param sinceSlip how many right ones since a slip outweigh it, once it is old
 * @param oldDays how many days ago an old slip was at the least
 * @param chances how many of them gave the usual slips a chance; easy questions tell nothing about a slip
 * @param gapsWeeks after how many weeks a secure rung comes back, the last again and again: what is kept longer is asked later
 * @param retry how many questions come back
 * @param lostBelow how many right of the last ten before it comes back say by themselves that it is lost
 * @param same how often one cause in the last ten makes the same rung come again
 * @param again how many questions such a turn has
 * @param againChances how many of those give the slip a chance
 * @param againRight how many right of them move on
 */
public record SecureRule(int of, int right, int apartDays, int row, int freeOf, int sinceSlip, int oldDays, int chances,
        List<Integer> gapsWeeks, int retry, int lostBelow, int same,
        int again, int againChances, int againRight) {
    public static final SecureRule USUAL =
            new SecureRule(10, 9, 7, 12, 24, 9, 14, 5, List.of(1, 3, 8), 3, 7, 2, 6, 4, 5);
}
