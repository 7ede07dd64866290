package bemble.core.working;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What a block is called, each of a working otherwise: {@code sum}, {@code check.product-2}.
 *
 * @param part the half of the paper that it belongs to
 * @param kind what is in it
 * @param number which of its kind it is in that half, from 1
 * @param id its name on paper and in files
 */
public record BlockName(Part part, Kind kind, int number, String id) {
    /** What is in a block. */
    public enum Kind {
        /** A sum or a difference in columns. */
        SUM,
        PRODUCT,
        QUOTIENT,
        ROOT,
        /** What is added back right under the work. */
        BENEATH,
        /** Addends in a row, and the parts they are taken apart into. */
        ADDEND,
        PARTS,
        /** Exchanges told in values. */
        VALUES,
        /** A number line, and its jumps added up. */
        LINE,
        JUMPS,
        /** The rectangle of an area, and its rows added up. */
        BOX,
        ROWS,
        /** The products of a column, noted beside. */
        PRODUCTS,
        DIVISOR,
        MULTIPLES,
        REMAINDER,
        CHUNKS,
        /** What stands to the left of a root's stages, and the estimate beside them. */
        DIVISORS,
        ESTIMATE,
        /** Totals jotted beside. */
        TOTALS,
        LABEL,
        /** A block that no method sets out, as it was called by who sent it. */
        OTHER;

        private static final Map<String, Kind> BY_ID =
                Arrays.stream(values()).collect(Collectors.toMap(Kind::id, Function.identity()));

        private static final Set<Kind> APART = EnumSet.of(SUM, PRODUCT, BENEATH);

        private final String id = name().toLowerCase(Locale.ROOT);

        /** Whether its columns may stand apart: those of divisions, boxes and lists belong together. */
        public boolean mayStandApart() {
            return APART.contains(this);
        }

        /** Its name on paper. */
        public String id() {
            return id;
        }
    }

    private static final String OF_CHECK = Part.CHECK.id() + ".";
    private static final Pattern ID =
            Pattern.compile("(" + Pattern.quote(OF_CHECK) + ")?([a-z]+)(?:-([1-9][0-9]{0,5}))?");

    /** Between the name of a block that is begun again and which time that is: {@code sum#2}. */
    private static final char AGAIN = '#';

    /** The name of the block of that kind with that number. */
    public static BlockName of(Part part, Kind kind, int number) {
        return new BlockName(part, kind, number,
                (part == Part.CHECK ? OF_CHECK : "") + kind.id() + (number == 1 ? "" : "-" + number));
    }

    /** The block with that name on paper and in files; one that no method sets out is {@link Kind#OTHER}. */
    public static BlockName named(String id) {
        Matcher parts = ID.matcher(id);
        Kind kind = parts.matches() ? Kind.BY_ID.get(parts.group(2)) : null;
        return kind == null ? new BlockName(Part.WORK, Kind.OTHER, 1, id)
                : new BlockName(parts.group(1) == null ? Part.WORK : Part.CHECK, kind,
                        parts.group(3) == null ? 1 : Integer.parseInt(parts.group(3)), id);
    }

    /** Which time it is begun on a paper: 1 unless somebody began it again. */
    public int time() {
        String time = id.substring(id.lastIndexOf(AGAIN) + 1);
        return time.equals(id) || !time.matches("[1-9][0-9]?") ? 1 : Integer.parseInt(time);
    }

    /** What the block is called that this one begins again; its own name where it begins none. */
    public BlockName begunFirst() {
        return time() == 1 ? this : named(id.substring(0, id.lastIndexOf(AGAIN)));
    }

    public boolean is(Kind other) {
        return kind == other;
    }

    /** Whether it is the first block of that kind in the work, not in the check. */
    public boolean isFirst(Kind other) {
        return kind == other && part == Part.WORK && number == 1;
    }

    @Override
    public boolean equals(Object other) {
        return other == this || other instanceof BlockName that && id.equals(that.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return id;
    }
}
