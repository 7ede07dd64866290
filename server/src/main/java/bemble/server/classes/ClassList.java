package bemble.server.classes;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.faults.Unclear;
import bemble.server.ids.PupilId;
import bemble.server.limits.Limits;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A class's list as it shall be, with whose each line is. A line that names its pupil is theirs, whatever name stands there
 * now. A name alone is that of who bears it; where nobody does, but somebody leaves with this list or was in the class
 * under that name before, it is asked who is meant, since a new spelling and a new child look alike.
 */
final class ClassList {
    private static final int MOST_FAULTS = 20;

    private ClassList() {}

    /** @param id whose line it is, or null where somebody new comes */
    record Line(PupilId id, String name) {}

    /**
     * Reads a list.
     *
     * @throws Refusal naming each line that cannot be taken
     * @throws Unclear asking whose lines they are where that cannot be told
     */
    static List<Line> of(List<ListedPupil> listed, List<Pupil> now, List<FormerPupil> former) {
        List<String> names = checked(listed.stream().map(each -> each == null ? null : each.name()).toList());
        Map<PupilId, String> known = new HashMap<>();
        now.forEach(pupil -> known.put(pupil.id(), pupil.name()));
        former.forEach(pupil -> known.put(pupil.id(), pupil.name()));
        Set<PupilId> named = new HashSet<>();
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            PupilId id = names.get(i).isEmpty() ? null : listed.get(i).id();
            if (id != null && !known.containsKey(id)) {
                faults.add(new Fault(field(i),
                        "The pupil of line " + (i + 1) + " is not of this class. Load the list again."));
            } else if (id != null && !named.add(id)) {
                faults.add(new Fault(field(i), known.get(id) + " has two lines. Take one of them away."));
            }
        }
        if (!faults.isEmpty()) {
            throw Refusal.of(faults);
        }
        Map<String, Pupil> byName = now.stream().filter(pupil -> !named.contains(pupil.id()))
                .collect(Collectors.toMap(pupil -> key(pupil.name()), Function.identity(), (one, other) -> one));
        PupilId[] whose = new PupilId[names.size()];
        for (int i = 0; i < whose.length; i++) {
            if (!names.get(i).isEmpty()) {
                whose[i] = listed.get(i).id();
                Pupil same = whose[i] != null || listed.get(i).isNewcomer() ? null : byName.remove(key(names.get(i)));
                whose[i] = same == null ? whose[i] : same.id();
            }
        }
        ask(listed, names, whose, byName.values().stream().toList(), former);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < whose.length; i++) {
            if (!names.get(i).isEmpty()) {
                lines.add(new Line(whose[i], names.get(i)));
            }
        }
        return lines;
    }

    private static void ask(List<ListedPupil> listed, List<String> names, PupilId[] whose, List<Pupil> leaving,
            List<FormerPupil> former) {
        List<WhoIsMeant> questions = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < whose.length; i++) {
            String name = names.get(i);
            if (name.isEmpty() || whose[i] != null || listed.get(i).isNewcomer()) {
                continue;
            }
            List<Pupil> candidates = new ArrayList<>(former.stream().filter(each -> key(each.name()).equals(key(name)))
                    .map(each -> new Pupil(each.id(), each.name())).toList());
            candidates.addAll(leaving);
            if (!candidates.isEmpty()) {
                questions.add(new WhoIsMeant(i, name, candidates));
                faults.add(new Fault(field(i), "Is “" + name + "” somebody new, or "
                        + candidates.stream().limit(3).map(Pupil::name).collect(Collectors.joining(" or "))
                        + (candidates.size() > 3 ? " or another who leaves the list" : "")
                        + "? Say so, so that nobody’s papers are lost."));
            }
        }
        if (!questions.isEmpty()) {
            throw new Unclear(faults, questions);
        }
    }

    /** A sign that turns the direction of what stands beside it: a name with one would turn its whole line. */
    private static boolean turnsOthers(int letter) {
        return letter >= 0x202A && letter <= 0x202E || letter >= 0x2066 && letter <= 0x2069;
    }

    /**
     * The names of a list, blank where nobody stands in a line.
     *
     * @throws Refusal naming each line that is no name, or a name that stands there twice
     */
    static List<String> checked(List<String> typed) {
        List<Fault> faults = new ArrayList<>();
        List<String> names = new ArrayList<>();
        Map<String, Integer> seen = new HashMap<>();
        for (int i = 0; i < typed.size(); i++) {
            String name = plain(typed.get(i));
            names.add(name);
            if (name.isEmpty()) {
                continue;
            }
            Integer before = seen.putIfAbsent(key(name), i);
            if (name.length() > Limits.NAME_LETTERS || name.codePoints().noneMatch(Character::isLetter)
                    || name.codePoints().anyMatch(letter -> Character.isISOControl(letter) || letter == 0xFFFD
                            || turnsOthers(letter))) {
                faults.add(new Fault(field(i), "Line " + (i + 1) + ", “" + shortened(name)
                        + "”, is not a name. Type a short name of 1 to " + Limits.NAME_LETTERS
                        + " letters, such as Ida M."));
            } else if (before != null) {
                faults.add(new Fault(field(i),
                        "“" + name + "” stands there twice, in line " + (before + 1) + " and line " + (i + 1)
                                + ". Add an initial to tell them apart."));
            }
        }
        if (seen.size() > Limits.PUPILS) {
            faults.add(new Fault("pupils", "A class has " + Limits.PUPILS + " pupils at most. Make two of it."));
        }
        if (!faults.isEmpty()) {
            throw Refusal.of(faults.stream().limit(MOST_FAULTS).toList());
        }
        return names;
    }

    /** A name without what nobody sees: marks of a file’s encoding, blanks at its ends, letters put together in two ways. */
    private static String plain(String typed) {
        return typed == null ? "" : Normalizer.normalize(typed, Normalizer.Form.NFC).replaceAll("[\\p{Cf}]", "")
                .replace('\u00a0', ' ').strip();
    }

    /** What makes two names the same to who reads them. */
    static String key(String name) {
        return plain(name).toLowerCase(Locale.ROOT);
    }

    private static String field(int line) {
        return "pupils[" + line + "]";
    }

    private static String shortened(String name) {
        return name.length() > 30 ? name.substring(0, 30) + "…" : name;
    }
}
