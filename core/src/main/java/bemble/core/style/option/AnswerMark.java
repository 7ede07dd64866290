package bemble.core.style.option;

/** How the answer is marked off from the working. */
public enum AnswerMark implements Option {
    NONE("left as it stands", ""),
    BOXED("boxed", "Draw a box round the answer."),
    RINGED("ringed", "Draw a ring round the answer."),
    RULED("ruled off below", "Rule the answer off."),
    UNDERLINED("underlined twice", "Underline the answer twice."),
    COPIED("copied beside the question", "Copy the answer beside the question.");

    private final String label;
    private final String says;

    AnswerMark(String label, String says) {
        this.label = label;
        this.says = says;
    }

    /** What is said of it at the end; empty where nothing is drawn. */
    public String says() {
        return says;
    }

    @Override
    public String label() {
        return label;
    }
}
