package bemble.server.glance;

import bemble.core.fact.FactKnown;
import bemble.core.fact.FactKnown.State;
import bemble.core.fact.FactUse;
import bemble.core.fact.TableFact;
import bemble.core.fact.TableFact.Table;
import bemble.core.style.HouseStyle;
import bemble.server.glance.FactSquaresView.FactMiss;
import bemble.server.glance.FactSquaresView.FactSquare;
import bemble.server.glance.FactSquaresView.FactStateName;
import bemble.server.glance.FactSquaresView.FactTableView;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.progress.PupilWork;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The facts that some pupils' answers rest on, each in its square. */
final class FactSquares {
    private static final int MOST_MISSES = 12;
    private static final int MOST_WANTING = 6;

    private final FactUses facts;
    private final HouseStyle style;
    private final List<Knower> knowers;

    FactSquares(FactUses facts, HouseStyle style, List<PupilWork> pupils) {
        this.facts = facts;
        this.style = style;
        this.knowers = pupils.stream().map(this::knower).toList();
    }

    /** A pupil with the times each fact was needed, and the answers that missed it. */
    private record Knower(Map<TableFact, List<FactUse>> uses, Map<TableFact, List<FactMiss>> misses) {
        FactKnown known(TableFact fact) {
            return FactKnown.of(uses.getOrDefault(fact, List.of()));
        }
    }

    private Knower knower(PupilWork pupil) {
        Map<TableFact, List<FactUse>> uses = new LinkedHashMap<>();
        Map<TableFact, List<FactMiss>> misses = new LinkedHashMap<>();
        for (Answer answer : pupil.answers()) {
            if (answer.alone()) {
                for (FactUses.Use use : facts.of(answer)) {
                    String said = use.said();
                    uses.computeIfAbsent(use.fact(), any -> new ArrayList<>())
                            .add(new FactUse(said));
                    if (said != null) {
                        misses.computeIfAbsent(use.fact(), any -> new ArrayList<>())
                                .add(new FactMiss(pupil.pupil().id(),
                                        pupil.pupil().name(), answer.day(), style.problem(answer.problem()),
                                        style.answer(answer.given()), said, answer.marking(), answer.question()));
                    }
                }
            }
        }
        return new Knower(uses, misses);
    }

    FactSquaresView view() {
        return new FactSquaresView(knowers.size(),
                Arrays.stream(State.values()).map(state -> new FactStateName(state, state.label())).toList(),
                Arrays.stream(Table.values()).map(this::table).toList());
    }

    private FactTableView table(Table table) {
        List<FactSquare> squares = new ArrayList<>();
        for (int row = 1; row <= TableFact.MOST; row++) {
            for (int column = 1; column <= TableFact.MOST; column++) {
                squares.add(square(new TableFact(table, row, column)));
            }
        }
        List<String> wanting = squares.stream().filter(square -> square.missing() > 0)
                .sorted(Comparator.comparingInt(FactSquare::missing).reversed()).map(FactSquare::fact).distinct()
                .limit(MOST_WANTING).toList();
        long met = squares.stream().filter(square -> square.met() > 0).count();
        return new FactTableView(table, title(table), met == 0 ? "None of these facts was needed yet."
                : met + " of the " + squares.size() + " squares were met"
                        + (wanting.isEmpty() ? ", none is missed." : "; missed: " + texts(squares, wanting) + "."),
                TableFact.MOST, squares, wanting);
    }

    private static String texts(List<FactSquare> squares, List<String> wanting) {
        return wanting.stream().map(fact -> squares.stream().filter(square -> square.fact().equals(fact)).findFirst()
                .orElseThrow().text()).collect(Collectors.joining(", "));
    }

    private static String title(Table table) {
        return switch (table) {
            case PLUS -> "Plus";
            case MINUS -> "Minus";
            case TIMES -> "Times, and divided by";
        };
    }

    /** In the tables of plus and times a square and the one the other way round are one fact. */
    private FactSquare square(TableFact fact) {
        TableFact kept = fact.table() == Table.MINUS || fact.one() <= fact.other() ? fact : fact.turned();
        List<FactKnown> known = knowers.stream().map(knower -> knower.known(kept)).toList();
        List<FactKnown> met = known.stream().filter(each -> each.state() != State.NOT_MET).toList();
        int missing = (int) known.stream().filter(each -> isMissed(each.state())).count();
        List<FactMiss> misses =
                knowers.stream().flatMap(knower -> knower.misses().getOrDefault(kept, List.of()).stream())
                        .sorted(Comparator.comparing(FactMiss::day).reversed()).limit(MOST_MISSES).toList();
        State state = most(met);
        String said = saidMost(known);
        return new FactSquare(fact.one(), fact.other(), fact.name(), fact.text(), state, said, missing, met.size(),
                say(fact, state, said, missing, met), misses);
    }

    private static boolean isMissed(State state) {
        return state == State.SHAKY || state == State.WRONG;
    }

    private static State most(List<FactKnown> met) {
        Map<State, Long> counts = met.stream().collect(Collectors.groupingBy(FactKnown::state, TreeMap::new,
                Collectors.counting()));
        return counts.entrySet().stream().max(Map.Entry.<State, Long>comparingByValue()
                .thenComparing(Map.Entry.comparingByKey())).map(Map.Entry::getKey).orElse(State.NOT_MET);
    }

    private static @Nullable String saidMost(List<FactKnown> known) {
        Map<String, Long> saids = known.stream().map(FactKnown::said).filter(Objects::nonNull)
                .collect(Collectors.groupingBy(said -> said, TreeMap::new, Collectors.counting()));
        return saids.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse(null);
    }

    private String say(TableFact fact, State state, @Nullable String said, int missing, List<FactKnown> met) {
        if (met.isEmpty()) {
            return fact.text() + ": not met yet";
        }
        if (knowers.size() == 1) {
            FactKnown known = met.get(0);
            return fact.text() + ": " + (said == null ? state.label() : said + " is said for it") + "; right "
                    + known.right() + " of " + (known.right() + known.missed());
        }
        return fact.text() + ": " + (missing == 0 ? "missed by nobody" : "missed by " + missing) + " of " + met.size()
                + " who met it" + (said == null ? "" : "; " + said + " is said for it");
    }
}
