package bemble.server.handover;

import bemble.core.problem.Fault;
import bemble.server.faults.FileFaults;
import bemble.server.web.Heading;
import bemble.server.web.SpreadsheetText;
import bemble.server.web.TableFile;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** The names of a class list in a table: a column of them, or first and last names in two, under heads that say so. */
final class ListedNames {
    private ListedNames() {}

    /**
     * @return the names at the numbers of their lines, so that a refusal names its line; empty where a line has none
     * @throws FileFaults where it cannot be told which column has the names
     */
    static List<String> read(List<TableFile.Row> rows) {
        List<String> names = new ArrayList<>();
        if (rows.isEmpty()) {
            return names;
        }
        boolean headed = Heading.isOverNames(rows.get(0).fields());
        int[] columns = columns(rows, headed);
        for (TableFile.Row row : headed ? rows.subList(1, rows.size()) : rows) {
            while (names.size() < row.line() - 1) {
                names.add("");
            }
            List<String> parts = IntStream.of(columns).mapToObj(column -> SpreadsheetText.typed(row.field(column)))
                    .filter(part -> !part.isBlank()).toList();
            names.add(String.join(" ", parts));
        }
        return names;
    }

    private static int[] columns(List<TableFile.Row> rows, boolean headed) {
        if (headed) {
            List<String> heads = rows.get(0).fields();
            int[] whole = where(heads, 0);
            int[] parts = IntStream.concat(IntStream.of(where(heads, 1)), IntStream.of(where(heads, 2))).toArray();
            return whole.length == 1 ? whole : parts.length > 0 && whole.length == 0 ? parts : ambiguous(rows.get(0));
        }
        TableFile.Row wide = rows.stream().filter(row -> IntStream.range(1, row.fields().size())
                .anyMatch(column -> !row.field(column).isBlank())).findFirst().orElse(null);
        return wide == null ? new int[] {0} : ambiguous(wide);
    }

    /** @param kind 0 for whole names, 1 for first ones, 2 for last ones */
    private static int[] where(List<String> heads, int kind) {
        return IntStream.range(0, heads.size()).filter(column -> kind == 0 ? Heading.isName(heads.get(column))
                : kind == 1 ? Heading.isFirstName(heads.get(column)) : Heading.isLastName(heads.get(column))).toArray();
    }

    private static int[] ambiguous(TableFile.Row row) {
        throw new FileFaults(List.of(new Fault("line " + row.line(), "Line " + row.line()
                + ": this table has several columns, and it does not say which has the names. Write “name” over that "
                + "column, or “first name” and “last name” over two.")));
    }
}
