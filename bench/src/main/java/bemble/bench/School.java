package bemble.bench;

import bemble.core.plan.Need;
import bemble.core.plan.PlanSheet;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Operation;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;

/** An invented year of a school, written into the database of a server that is stopped. */
final class School {
    static final int CLASSES = 20;
    static final int PUPILS = 30;
    static final int WEEKS = 40;
    static final int PAPERS = 60_000;
    private static final int SHEETS_A_WEEK = 2;
    private static final int QUESTIONS = 10;
    private static final int IN_A_BATCH = 5000;
    private static final double RIGHT = 0.82;
    private static final Map<Operation, String> SLIPS =
            Map.of(Operation.ADDITION, "carry-forgotten", Operation.SUBTRACTION,
                    "smaller-from-larger", Operation.MULTIPLICATION, "placeholder-forgotten", Operation.DIVISION,
                    "quotient-zero-forgotten",
                    Operation.SQUARE_ROOT, "root-not-doubled");

    private final Random random = new Random(2026);
    private final Connection database;

    private School(Connection database) {
        this.database = database;
    }

    /** @param data the folder of the server's data; its teacher and the classes are there already */
    static void write(Path data) throws SQLException {
        try (Connection database =
                DriverManager.getConnection("jdbc:h2:file:" + data.toAbsolutePath().resolve("bemble"), "bemble", "")) {
            database.setAutoCommit(false);
            School school = new School(database);
            school.answers();
            school.papers();
            try (Statement statement = database.createStatement()) {
                // Nobody has told the server of these answers.
                statement.execute("delete from kept_pupil");
            }
            database.commit();
        }
    }

    private List<Long> numbers(String query) throws SQLException {
        List<Long> found = new ArrayList<>();
        try (Statement statement = database.createStatement(); ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                found.add(rows.getLong(1));
            }
        }
        return found;
    }

    private void answers() throws SQLException {
        LocalDate today = LocalDate.now();
        List<Rung> all = Ladder.all();
        int inBatch = 0;
        try (PreparedStatement answer =
                database.prepareStatement("insert into marked_answer (marking_id, pupil_id, question, state, given, "
                        + "correction, how, cause, verdict, presumed) values (?, ?, ?, ?, ?, '', '', null, ?, ?)")) {
            for (long schoolClass : numbers("select id from school_class order by id")) {
                List<Long> pupils = numbers("select id from pupil where class_id = " + schoolClass + " order by place");
                for (int week = WEEKS; week > 0; week--) {
                    for (int sheet = 0; sheet < SHEETS_A_WEEK; sheet++) {
                        Rung rung = all.get((int) ((schoolClass * 3 + (WEEKS - week) / 4 + sheet) % (all.size() - 8)));
                        long marking = marking(schoolClass, rung, today.minusWeeks(week).plusDays(2 * sheet));
                        for (long pupil : pupils) {
                            for (int question = 1; question <= QUESTIONS; question++) {
                                boolean right = random.nextDouble() < RIGHT;
                                answer.setLong(1, marking);
                                answer.setLong(2, pupil);
                                answer.setInt(3, question);
                                answer.setString(4, right ? "right" : "given");
                                answer.setString(5, right ? "" : "123");
                                answer.setString(6, right ? "right" : "wrong");
                                answer.setObject(7,
                                        right || random.nextBoolean() ? null : SLIPS.get(rung.wishes().operation()),
                                        Types.VARCHAR);
                                answer.addBatch();
                                if (++inBatch % IN_A_BATCH == 0) {
                                    answer.executeBatch();
                                    database.commit();
                                }
                            }
                        }
                    }
                }
            }
            answer.executeBatch();
        }
    }

    private long marking(long schoolClass, Rung rung, LocalDate day) throws SQLException {
        String problems =
                PlanSheet.draw(new Need(Need.Kind.NEXT, rung.id(), null), QUESTIONS, random.nextLong()).stream()
                        .map(question -> "\"" + question.problem().text() + "\"").collect(Collectors.joining(","));
        try (PreparedStatement marking = database
                .prepareStatement("insert into marking (teacher_id, class_id, title, begun_at, worked_on, sheets) "
                        + "select min(id), ?, ?, ?, ?, ? from teacher", Statement.RETURN_GENERATED_KEYS)) {
            marking.setLong(1, schoolClass);
            marking.setString(2, rung.fullTitle());
            marking.setObject(3, OffsetDateTime.of(day.atTime(15, 0), ZoneOffset.UTC));
            marking.setObject(4, day);
            marking.setString(5, "[{\"code\":\"set\",\"problems\":[" + problems + "]}]");
            marking.executeUpdate();
            try (ResultSet key = marking.getGeneratedKeys()) {
                key.next();
                return key.getLong(1);
            }
        }
    }

    private void papers() throws SQLException {
        List<Long> pupils = numbers("select id from pupil order by id");
        String figures = "["
                + "{\"block\":\"sum\",\"line\":\"answer\",\"place\":1,\"kind\":\"digit\",\"text\":\"7\",\"rubbed\":false,\"at\":1200},"
                        .repeat(9)
                + "{\"block\":\"sum\",\"line\":\"answer\",\"place\":0,\"kind\":\"digit\",\"text\":\"5\",\"rubbed\":false,\"at\":9000}]";
        OffsetDateTime now = OffsetDateTime.now();
        try (PreparedStatement entry = database
                .prepareStatement("insert into log_entry (teacher_id, reference, worked_at, operation, problem, "
                        + "method, choices, check_kind, answer, working, check_statement, check_holds, explanation, written) select min(id), ?, ?, 'addition', ?, "
                        + "'column', '{}', 'none', '75', '', '', true, '', 'right' from teacher");
                PreparedStatement attempt = database
                        .prepareStatement("insert into attempt (entry_id, settings, figures, run, question, pupil_id) "
                                + "values (?, '{\"settingOut\":false,\"withCheck\":false,\"led\":false,\"marking\":\"end\",\"joinedAt\":0,\"ownWay\":false}', "
                                + "?, ?, 1, ?)")) {
            long first = 1 + numbers("select coalesce(max(id), 0) from log_entry").get(0);
            for (int i = 0; i < PAPERS; i++) {
                entry.setObject(1, UUID.randomUUID());
                entry.setObject(2, now.minusMinutes(6L * (PAPERS - i)));
                entry.setString(3, (20 + i % 50) + " + " + (30 + i % 40));
                entry.addBatch();
                attempt.setLong(1, first + i);
                attempt.setString(2, figures);
                attempt.setString(3, UUID.randomUUID().toString());
                attempt.setLong(4, pupils.get(i % pupils.size()));
                attempt.addBatch();
                if (i % IN_A_BATCH == IN_A_BATCH - 1) {
                    entry.executeBatch();
                    attempt.executeBatch();
                    database.commit();
                }
            }
            entry.executeBatch();
            attempt.executeBatch();
        }
    }
}
