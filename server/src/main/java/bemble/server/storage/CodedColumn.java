package bemble.server.storage;

import bemble.core.problem.Coded;
import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Keeps what is one of a few under its name. */
public final class CodedColumn<E extends Enum<E>> extends TextColumn<E> {
    private final Map<String, E> byName;

    /** @param type an enum of {@link Coded} */
    public CodedColumn(Class<E> type) {
        byName = Arrays.stream(type.getEnumConstants())
                .collect(Collectors.toMap(each -> ((Coded) each).id(), Function.identity()));
    }

    @Override
    String text(E value) {
        return ((Coded) value).id();
    }

    @Override
    @Nullable
    E value(String name) {
        return byName.get(name);
    }
}
