package bemble.server.marking;

import bemble.core.problem.Problem;
import bemble.core.slip.NamedRules;
import bemble.core.style.HouseStyle;
import bemble.server.diagnosis.Judge;
import bemble.server.diagnosis.PaperJudgement;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.load.CacheRoom;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.PaperJudgementMapper;
import bemble.server.marking.kept.PaperJudgementMapper.StoredJudgement;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.OpenPile;
import bemble.server.rules.SchoolRules;
import bemble.server.storage.DiskFull;
import com.github.benmanes.caffeine.cache.Cache;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/**
 * The one judgement of each paper: worked out once, kept beside the answers with what it rests on, and read by whatever shows it.
 * When an answer, the rules that the school knows, the style or the judge changes, it is another paper to be judged.
 */
@Component
class PaperJudgements {
    private static final Logger LOG = LoggerFactory.getLogger(PaperJudgements.class);

    /** What a judgement rests on. What the teacher decided is not in it: that stands above. */
    private record Grounds(List<Problem> problems, List<Given> answers, HouseStyle style, NamedRules rules) {
        private String digest() {
            try {
                byte[] all = toString().getBytes(StandardCharsets.UTF_8);
                return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(all));
            } catch (NoSuchAlgorithmException everyJavaHasIt) {
                throw new IllegalStateException(everyJavaHasIt);
            }
        }
    }

    private record Given(int question, AnswerState state, String given, @Nullable String paper) {}

    private final Judge judge;
    private final SchoolRules rules;
    private final PaperJudgementMapper mapper;
    private final ObjectMapper json;
    private final Cache<Grounds, PaperJudgement> held =
            CacheRoom.JUDGEMENTS.cache((grounds, judged) -> 1 + grounds.answers().size());

    PaperJudgements(Judge judge, SchoolRules rules, PaperJudgementMapper mapper, ObjectMapper json) {
        this.judge = judge;
        this.rules = rules;
        this.mapper = mapper;
        this.json = json;
    }

    /** The answers that are judged: what is blank, not reached or unclear is none. */
    static List<MarkedAnswer> readable(List<MarkedAnswer> answers) {
        return answers.stream()
                .filter(answer -> answer.state() == AnswerState.GIVEN || answer.state() == AnswerState.RIGHT).toList();
    }

    /** How a paper is judged as it is now. */
    PaperJudgement of(OpenPile open, PupilId pupilId) {
        return Objects.requireNonNull(held.get(grounds(open, pupilId), grounds -> {
            PaperJudgement there = mapper.ofPaper(open.stored().id(), pupilId, Judge.VERSION).stream()
                    .filter(stored -> stored.grounds().equals(grounds.digest())).map(this::read).findFirst()
                    .orElse(null);
            return there != null ? there : workOut(open.stored().id(), pupilId, grounds);
        }));
    }

    /** The judgements of a pile's papers that need not be worked out; a paper that nothing stands on has one that says nothing. */
    Map<PupilId, PaperJudgement> known(OpenPile open) {
        Map<PupilId, PaperJudgement> known = new HashMap<>();
        Map<PupilId, Grounds> others = new HashMap<>();
        open.schoolClass().pupils().forEach(pupil -> {
            Grounds grounds = grounds(open, pupil.id());
            PaperJudgement there = grounds.answers().isEmpty() ? PaperJudgement.NONE : held.getIfPresent(grounds);
            if (there == null) {
                others.put(pupil.id(), grounds);
            } else {
                known.put(pupil.id(), there);
            }
        });
        if (!others.isEmpty()) {
            for (StoredJudgement stored : mapper.ofPile(open.stored().id(), Judge.VERSION)) {
                Grounds grounds = others.get(stored.pupilId());
                if (grounds != null && grounds.digest().equals(stored.grounds())) {
                    known.put(stored.pupilId(),
                            Objects.requireNonNull(held.get(grounds, any -> read(stored))));
                }
            }
        }
        return known;
    }

    /** Has the papers wait that another version of the judge judged. */
    @Transactional
    public void renew() {
        if (mapper.hasOthers(Judge.VERSION)) {
            mapper.letOthersWait(Judge.VERSION);
            mapper.forgetOthers(Judge.VERSION);
        }
    }

    private Grounds grounds(OpenPile open, PupilId pupilId) {
        return new Grounds(open.sheet(pupilId).problems(), readable(open.answers(pupilId)).stream()
                .map(each -> new Given(each.question(), each.state(), each.given(), each.paper())).toList(),
                open.style(), rules.now());
    }

    private PaperJudgement read(StoredJudgement stored) {
        return json.readValue(stored.judgement(), PaperJudgement.class);
    }

    private PaperJudgement workOut(MarkingId markingId, PupilId pupilId, Grounds grounds) {
        PaperJudgement judged = judge.paper(grounds.answers().stream().map(answer -> new Judge.Given(answer.question(),
                grounds.problems().get(answer.question() - 1),
                answer.state() == AnswerState.RIGHT ? null : answer.given(), answer.paper())).toList(),
                grounds.style());
        if (!grounds.answers().isEmpty()) {
            keep(markingId, pupilId, grounds, judged);
        }
        return judged;
    }

    private void keep(MarkingId markingId, PupilId pupilId, Grounds grounds, PaperJudgement judged) {
        try {
            mapper.keep(markingId, pupilId, Judge.VERSION, grounds.digest(), json.writeValueAsString(judged));
        } catch (DiskFull | DataAccessException later) {
            // The pile may have been deleted meanwhile. What is not kept is worked out again when somebody asks for it.
            LOG.debug("A judgement could not be kept", later);
        }
    }
}
