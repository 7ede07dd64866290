package bemble.server.faults;

import tools.jackson.core.JacksonException;

/** What a field of a request is called in a fault: as a validation names it, {@code stages[0].problems}. */
public final class FieldName {
    private FieldName() {}

    /** The field at which reading stopped; empty where it was none. */
    public static String of(JacksonException unread) {
        StringBuilder field = new StringBuilder();
        for (JacksonException.Reference each : unread.getPath()) {
            if (each.getPropertyName() == null) {
                field.append('[').append(each.getIndex()).append(']');
            } else {
                field.append(field.isEmpty() ? "" : ".").append(each.getPropertyName());
            }
        }
        return field.toString();
    }

    /** The list of which there is too much, not the element at which that was noticed. */
    static String ofList(String field) {
        return field.replaceAll("\\[\\d+]$", "");
    }

    /** The same of what could not be read. */
    public static String ofList(JacksonException unread) {
        return ofList(of(unread));
    }
}
