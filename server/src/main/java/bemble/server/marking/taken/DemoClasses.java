package bemble.server.marking.taken;

import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.pupil.SimulatedPupil;
import bemble.core.pupil.SimulatedPupil.Habit;
import bemble.core.style.HouseStyle;
import bemble.server.account.DemoTeacher;
import bemble.server.classes.ClassService;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.AnswerChanges;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.MarkingMapper;
import bemble.server.marking.kept.PaperJudgementMapper;
import bemble.server.marking.kept.PaperJudgementMapper.Judgement;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.PileSheet;
import bemble.server.marking.kept.Piles;
import bemble.server.sets.printed.PrintedSheets;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The two classes of Lantern Quay School, six weeks of work that simulated pupils wrote, and a pile still to be marked. */
@Component
@Order(4)
public class DemoClasses implements ApplicationRunner {
    public static final List<String> TERNS = List.of("Ada F", "Bram L", "Cleo M", "Dov R", "Edda K", "Finn S", "Gwen T",
            "Hana O", "Ivo B", "Juno P", "Kit W", "Lark D", "Milo H", "Nell A", "Orin C", "Pia V", "Quin J", "Rune E");
    public static final List<String> CURLEWS =
            List.of("Alba N", "Beck S", "Cato W", "Dara M", "Elin P", "Faro T", "Gil A",
                    "Hebe R", "Isla K", "Jory B", "Kezia L", "Lior F", "Mina H", "Noor V", "Otis E", "Posy D", "Remy C",
                    "Suki J",
                    "Tavi O", "Una G");
    public static final List<String> HABITS =
            List.of("", "smaller-from-larger", "", "zeros-skipped", "exchange-not-paid", "",
                    "smaller-from-larger", "zero-takes-the-digit", "", "zeros-skipped", "ten-stays-ten", "");
    private static final int MARKED = 14;
    /** Last week, on Friday. */
    private static final String LAST_LESSON = "1-5";

    private final DemoTeacher demo;
    private final ClassService classes;
    private final PrintedSheets sheets;
    private final Piles piles;
    private final MarkingMapper mapper;
    private final PaperJudgementMapper judged;
    private final DemoWeeks weeks;
    private final AnswerChanges changes;

    DemoClasses(DemoTeacher demo, ClassService classes, PrintedSheets sheets, Piles piles, MarkingMapper mapper,
            PaperJudgementMapper judged,
            DemoWeeks weeks, AnswerChanges changes) {
        this.changes = changes;
        this.demo = demo;
        this.classes = classes;
        this.sheets = sheets;
        this.piles = piles;
        this.mapper = mapper;
        this.judged = judged;
        this.weeks = weeks;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        demo.idIfJustCreated().ifPresent(teacherId -> {
            SchoolClass terns = classes.add(teacherId, "Terns", TERNS);
            SchoolClass curlews = classes.add(teacherId, "Curlews", CURLEWS);
            weeks.put(teacherId, List.of(terns, curlews));
            sheets.named(teacherId, "Exchange across a zero").ifPresent(setId -> mark(teacherId, curlews, setId));
            changes.of(Stream.of(terns, curlews).flatMap(each -> each.pupils().stream()).map(pupil -> pupil.id())
                    .toList());
        });
    }

    /** The first papers of the pile as simulated pupils wrote them; the others wait to be marked. */
    private void mark(TeacherId teacherId, SchoolClass curlews, SetId setId) {
        PrintedSheets.Sheet sheet = sheets.ofSet(teacherId, setId);
        MarkingId id = weeks.begin(teacherId, curlews, LAST_LESSON, sheet.title(),
                new PileSheet(sheet.code(), sheet.problems(), null));
        OpenPile open = piles.open(teacherId, id);
        Random random = new Random(setId.value());
        for (int i = 0; i < MARKED; i++) {
            String habit = HABITS.get(i % HABITS.size());
            PupilId pupilId = curlews.pupils().get(i).id();
            SimulatedPupil pupil = SimulatedPupil.with(curlews.pupils().get(i).name(), habit.isEmpty() ? new Habit[0]
                    : new Habit[] {new Habit(habit, 0.9)}).missing(0.01);
            int question = 0;
            for (Problem problem : open.sheet(pupilId).problems()) {
                question++;
                String answer = pupil.write(problem, Methods.usual(problem), HouseStyle.USUAL, random).answer().text();
                boolean wrong = !answer.equals(PileSheet.right(problem, HouseStyle.USUAL));
                mapper.keepAnswer(id,
                        MarkedAnswer.of(pupilId, question, wrong ? AnswerState.GIVEN : AnswerState.RIGHT,
                                wrong ? answer : "", "", "", null).readIn(HouseStyle.USUAL),
                        wrong ? AnswerVerdict.WRONG : AnswerVerdict.RIGHT);
                judged.judge(id, pupilId,
                        new Judgement(question, wrong ? AnswerVerdict.WRONG : AnswerVerdict.RIGHT,
                                wrong && !habit.isEmpty() ? habit : null, null, 1));
            }
        }
    }
}
