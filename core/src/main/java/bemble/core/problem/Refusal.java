package bemble.core.problem;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What was asked cannot be worked; the faults say why, in words a teacher uses. Some say what could be asked instead: of
 * 3 − 5 the offer is {@code 5 − 3}.
 */
public final class Refusal extends RuntimeException {
    private final List<Fault> faults;
    private final @Nullable String offer;

    private Refusal(List<Fault> faults, @Nullable String offer) {
        super(faults.get(0).message());
        this.faults = List.copyOf(faults);
        this.offer = offer;
    }

    /** A refusal for one reason, which belongs to one field. */
    public static Refusal of(String field, String message) {
        return new Refusal(List.of(new Fault(field, message)), null);
    }

    /** A refusal with several faults. */
    public static Refusal of(List<Fault> faults) {
        return new Refusal(faults, null);
    }

    /** A refusal that offers another problem in its place, given as problem text. */
    public static Refusal offering(String field, String message, String offer) {
        return new Refusal(List.of(new Fault(field, message)), offer);
    }

    /** The same refusal of something that is part of a larger whole, such as {@code items[3]}. */
    public Refusal under(String whole) {
        return new Refusal(
                faults.stream().map(fault -> new Fault(whole + "." + fault.field(), fault.message())).toList(), offer);
    }

    /** What is wrong; never empty. */
    public List<Fault> faults() {
        return faults;
    }

    /** The problem text offered instead, where there is one. */
    public Optional<String> offer() {
        return Optional.ofNullable(offer);
    }
}
