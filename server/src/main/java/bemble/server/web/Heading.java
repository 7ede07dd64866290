package bemble.server.web;

import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the heads of a table's columns say; a head that says nothing known is told of, never passed over. */
public final class Heading {
    private static final Set<String> NAME =
            Set.of("name", "names", "pupil", "pupils", "child", "children", "student", "students",
                    "learner", "full name", "naam", "kind", "schüler", "schülerin", "schüler/in", "nom", "élève",
                    "alumno", "alumna",
                    "nombre", "leerling", "elev", "nome");
    private static final Set<String> FIRST =
            Set.of("first", "first name", "firstname", "forename", "given name", "vorname", "prénom", "voornaam",
                    "förnamn");
    private static final Set<String> LAST =
            Set.of("last", "last name", "lastname", "surname", "family name", "nachname",
                    "familienname", "nom de famille", "apellido", "apellidos", "achternaam", "efternamn", "cognome");
    private static final Pattern QUESTION =
            Pattern.compile("(?:(\\p{L}[\\p{L} .]{0,14}?)\\s*)?(?:no\\.?|nr\\.?|#)?\\s*([0-9]{1,3})\\s*[.):]?");

    private Heading() {}

    /** Whether a head stands over names. */
    public static boolean isName(String head) {
        return NAME.contains(plain(head));
    }

    public static boolean isFirstName(String head) {
        return FIRST.contains(plain(head));
    }

    public static boolean isLastName(String head) {
        return LAST.contains(plain(head));
    }

    /** Whether a first line is one of heads and not of a child: somebody may well be called Name, and not Vorname. */
    public static boolean isOverNames(List<String> heads) {
        return heads.stream().anyMatch(head -> isName(head) || isFirstName(head) || isLastName(head));
    }

    /** The question that a head names: {@code 3}, {@code Q3}, {@code Question 3}, {@code Aufgabe 3.}. */
    public static OptionalInt question(String head) {
        Matcher named = QUESTION.matcher(head.strip());
        return named.matches() ? OptionalInt.of(Integer.parseInt(named.group(2))) : OptionalInt.empty();
    }

    private static String plain(String head) {
        return head.strip().toLowerCase(Locale.ROOT).replaceAll("[:*]$", "").replaceAll("[\\s_]+", " ");
    }
}
