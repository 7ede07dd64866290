package bemble.core.style.option;

/** What a paper is given marks for. */
public enum MethodMarks implements Option {
    NONE("no marks: right or not"),
    LINES("one for the answer, one for the setting-out, one for each line of working that is right or follows from what stands before it");

    private final String label;

    MethodMarks(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
