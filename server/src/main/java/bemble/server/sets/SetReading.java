package bemble.server.sets;

import bemble.core.practice.Versions;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.print.LessonPart;
import bemble.core.print.PageLayout;
import bemble.core.print.PaperSize;
import bemble.core.print.PrintKind;
import bemble.core.print.PrintOrder;
import bemble.core.print.PrintQuestion;
import bemble.core.problem.Fault;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.limits.Limits;
import bemble.server.sets.SetContent.SetQuestion;
import java.util.ArrayList;
import java.util.List;

/** Reads what a set says: its questions, versions and pages. */
public final class SetReading {

    private SetReading() {}

    /** @throws Refusal naming each question that cannot be worked */
    static List<FeaturedProblem> questions(SetContent content) {
        List<FeaturedProblem> questions = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        int figures = 0;
        for (int i = 0; i < content.questions().size() && figures <= Limits.SET_FIGURES; i++) {
            SetQuestion question = content.questions().get(i);
            try {
                LessonPart.of(question.part());
                FeaturedProblem read = FeaturedProblem.of(question.read());
                questions.add(read);
                figures += read.features().figures();
            } catch (Refusal refusal) {
                faults.add(new Fault("questions[" + i + "]", "Question " + (i + 1) + ": " + refusal.getMessage()));
            }
        }
        if (!faults.isEmpty()) {
            throw Refusal.of(faults);
        }
        if (figures > Limits.SET_FIGURES) {
            throw Refusal.of("questions", "These questions take more than " + Limits.SET_FIGURES
                    + " figures to write, more than a set can have. Take fewer of them, or shorter numbers.");
        }
        layout(content);
        Integer pass = content.passMark();
        if (pass != null && (pass < 1 || pass > Math.max(1, questions.size()))) {
            throw Refusal.of("passMark", "Choose a pass mark from 1 to the number of questions, "
                    + Math.max(1, questions.size()) + ".");
        }
        return questions;
    }

    /**
     * The set with its problems written the one way they are written on paper.
     *
     * @throws Refusal naming each question that cannot be worked
     */
    static SetContent asWritten(SetContent content) {
        List<FeaturedProblem> read = questions(content);
        List<SetQuestion> written = new ArrayList<>();
        for (int i = 0; i < read.size(); i++) {
            SetQuestion question = content.questions().get(i);
            written.add(new SetQuestion(read.get(i).problem().text(), question.story(), question.part()));
        }
        return content.with(content.title(), written);
    }

    /** How a story is told again once its question has other numbers. */
    interface Retelling {
        String again(String story, Problem before, Problem now);
    }

    /** The set with the questions of a version in their places. */
    static SetContent version(SetContent content, String letter, Retelling retelling) {
        if (letter.equals(Versions.LETTERS.get(0))) {
            return content;
        }
        List<FeaturedProblem> others =
                Versions.of(questions(content), letter, content.seed() == null ? 1 : content.seed());
        return renumbered(content, others, retelling);
    }

    /** The set with other numbers in the same questions. */
    static SetContent renumbered(SetContent content, List<FeaturedProblem> others, Retelling retelling) {
        List<SetQuestion> questions = new ArrayList<>();
        for (int i = 0; i < others.size(); i++) {
            SetQuestion before = content.questions().get(i);
            Problem now = others.get(i).problem();
            questions.add(new SetQuestion(now.text(), retelling.again(before.story(), before.read(), now),
                    before.part()));
        }
        return content.with(content.title(), questions);
    }

    static PageLayout layout(SetContent content) {
        SetContent.LayoutChoice choice = content.layout();
        return new PageLayout(PaperSize.of(choice.paper()), choice.columns(), choice.square(), choice.setOut(),
                choice.carryBoxes(), choice.checkRow(), choice.nameLine(), choice.largePrint(), choice.sentences(),
                choice.isToBeRead(), Boolean.TRUE.equals(choice.explain()));
    }

    public static PrintOrder print(SetContent content, String code, HouseStyle style, PrintKind kind) {
        List<PrintQuestion> questions = new ArrayList<>();
        for (int i = 0; i < content.questions().size(); i++) {
            SetQuestion question = content.questions().get(i);
            questions.add(new PrintQuestion(i + 1, question.read(), question.story(),
                    LessonPart.of(question.part())));
        }
        String title = content.title() + (content.passMark() == null ? "" : " · pass mark " + content.passMark());
        return new PrintOrder(title, code, questions, layout(content), style, kind);
    }
}
