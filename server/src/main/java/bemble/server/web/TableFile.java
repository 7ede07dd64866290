package bemble.server.web;

import bemble.core.problem.Fault;
import bemble.server.faults.FileFaults;
import bemble.server.limits.Limits;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table as spreadsheets write it: UTF-8 with or without its mark, or UTF-16 with its mark; fields parted by commas,
 * semicolons or tabs. What is written otherwise is refused by its line, since its letters would be guessed.
 */
public final class TableFile {
    private static final String SAVE_AGAIN =
            " Open the file in a spreadsheet and save it as “CSV UTF-8”; then choose it again.";

    private TableFile() {}

    /** @param line the number of the line in the file that a row ends in */
    public record Row(int line, List<String> fields) {
        /** A field without blanks around it; empty where the row is shorter. */
        public String field(int index) {
            return index < fields.size() ? fields.get(index).strip() : "";
        }
    }

    /**
     * Reads the rows that have anything in them.
     *
     * @throws FileFaults naming the line that cannot be read
     */
    public static List<Row> rows(byte[] file) {
        String text = text(file == null ? new byte[0] : file);
        // Some spreadsheets say in a first line of its own what parts the fields.
        boolean said = text.regionMatches(true, 0, "sep=", 0, 4) && text.length() > 4;
        char separator = said ? text.charAt(4) : separator(text);
        CSVFormat format = CSVFormat.RFC4180.builder().setDelimiter(separator).setIgnoreEmptyLines(true)
                .setIgnoreSurroundingSpaces(true).get();
        List<Row> rows = new ArrayList<>();
        try (CSVParser table = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord row : table) {
                int line = (int) table.getCurrentLineNumber();
                if (said && row.getRecordNumber() == 1 || row.stream().allMatch(String::isBlank)) {
                    continue;
                }
                if (rows.size() >= Limits.TABLE_LINES) {
                    throw fault(line, "a table can have " + Limits.TABLE_LINES + " lines. Make two files of it.");
                }
                rows.add(new Row(line, row.toList()));
            }
        } catch (IOException | UncheckedIOException broken) {
            throw fault(1 + rows.stream().mapToInt(Row::line).max().orElse(0),
                    "from here on the table cannot be read: a quotation mark is not closed. Save it as CSV again.");
        }
        return rows;
    }

    /** What parts the fields of the first line: a tab where there is one, else whichever of ; and , stands there more often. */
    private static char separator(String text) {
        String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        long semicolons = first.chars().filter(letter -> letter == ';').count();
        return first.indexOf('\t') >= 0 ? '\t'
                : semicolons > 0 && semicolons >= first.chars().filter(letter -> letter == ',').count() ? ';' : ',';
    }

    private static String text(byte[] file) {
        if (startsWith(file, 0xFF, 0xFE)) {
            return decoded(file, 2, StandardCharsets.UTF_16LE.newDecoder());
        }
        if (startsWith(file, 0xFE, 0xFF)) {
            return decoded(file, 2, StandardCharsets.UTF_16BE.newDecoder());
        }
        String text = decoded(file, startsWith(file, 0xEF, 0xBB, 0xBF) ? 3 : 0, StandardCharsets.UTF_8.newDecoder());
        int noLetter = text.indexOf('\0');
        if (noLetter >= 0) {
            throw fault(lineOf(text.substring(0, noLetter)), "this is not a table of text." + SAVE_AGAIN);
        }
        return text;
    }

    private static boolean startsWith(byte[] file, int... mark) {
        for (int i = 0; i < mark.length; i++) {
            if (i >= file.length || (file[i] & 0xFF) != mark[i]) {
                return false;
            }
        }
        return true;
    }

    private static String decoded(byte[] file, int from, CharsetDecoder decoder) {
        CharBuffer text = CharBuffer.allocate(file.length + 1);
        decoder.onMalformedInput(CodingErrorAction.REPORT).onUnmappableCharacter(CodingErrorAction.REPORT);
        CoderResult result = decoder.decode(ByteBuffer.wrap(file, from, file.length - from), text, true);
        String read = text.flip().toString();
        if (result.isError()) {
            throw fault(lineOf(read),
                    "a letter after “" + read.substring(Math.max(read.lastIndexOf('\n') + 1, read.length() - 20))
                            + "” cannot be read: the file is not written in UTF-8." + SAVE_AGAIN);
        }
        return read;
    }

    private static int lineOf(String read) {
        return 1 + (int) read.chars().filter(letter -> letter == '\n').count();
    }

    /** A fault in a line of a file. */
    public static FileFaults fault(int line, String what) {
        return new FileFaults(List.of(new Fault("line " + line, "Line " + line + ": " + what)));
    }
}
