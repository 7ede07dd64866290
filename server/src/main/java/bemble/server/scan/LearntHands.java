package bemble.server.scan;

import bemble.core.scan.FigureNet;
import bemble.core.scan.LearntHand;
import bemble.core.scan.LearntHand.Example;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import java.nio.ByteBuffer;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The net as it reads a class, and each child of whom enough figures were confirmed. */
@Component
class LearntHands {
    private static final int LEAST_OF_CLASS = 10;
    private static final int LEAST_OF_CHILD = 40;
    /** What was confirmed before these is left out. */
    private static final int MOST = 300;

    private final Figures mapper;
    private final ObjectProvider<FigureNet> net;

    LearntHands(Figures mapper, ObjectProvider<FigureNet> net) {
        this.mapper = mapper;
        this.net = net;
    }

    /** The net for a class, and from it those for its children. */
    final class OfClass {
        private final FigureNet ofAll;

        private OfClass(List<Example> known) {
            this.ofAll = known.size() < LEAST_OF_CLASS ? net.getObject() : LearntHand.of(net.getObject(), known);
        }

        FigureNet of(PupilId pupilId) {
            List<Example> known = examples(mapper.ofPupil(pupilId, MOST));
            return known.size() < LEAST_OF_CHILD ? ofAll : LearntHand.of(ofAll, known);
        }
    }

    OfClass ofClass(TeacherId teacherId, ClassId classId) {
        return new OfClass(examples(mapper.ofClass(teacherId, classId, MOST)));
    }

    private static List<Example> examples(List<Figures.Learnt> learnt) {
        return learnt.stream().map(each -> new Example(AnswerSquares.read(ByteBuffer.wrap(each.square())), each.kind()))
                .toList();
    }

    /** Somebody has said what stands in the squares of an answer. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void confirmed(PupilId pupilId, StoredReading reading, String said) {
        AnswerSquares.known(reading.squares(), said).forEach(example -> {
            ByteBuffer bytes = ByteBuffer.allocate(AnswerSquares.SQUARE_BYTES);
            for (float number : example.hidden()) {
                bytes.putFloat(number);
            }
            mapper.add(pupilId, example.kind(), bytes.array());
        });
    }

    int count(TeacherId teacherId, ClassId classId) {
        return mapper.count(teacherId, classId);
    }

    @Transactional
    public void forget(TeacherId teacherId, ClassId classId) {
        mapper.forget(teacherId, classId);
    }

    /** Figures that hands are learnt from. */
    @Mapper
    interface Figures {
        String OF_CLASS = "pupil_id in (select p.id from pupil p join school_class c on c.id = p.class_id "
                + "where c.teacher_id = #{teacherId} and c.id = #{classId})";

        /** @param square what the net said of it */
        record Learnt(int kind, byte[] square) {}

        @Insert("insert into learnt_figure (pupil_id, kind, square) values (#{pupilId}, #{kind}, #{square})")
        void add(PupilId pupilId, int kind, byte[] square);

        /** The newest of a class. */
        @Select("select kind, square from learnt_figure where " + OF_CLASS
                + " order by id desc fetch first #{most} rows only")
        List<Learnt> ofClass(TeacherId teacherId, ClassId classId, int most);

        /** The newest of a child. */
        @Select("select kind, square from learnt_figure where pupil_id = #{pupilId} order by id desc fetch first #{most} rows only")
        List<Learnt> ofPupil(PupilId pupilId, int most);

        @Select("select count(*) from learnt_figure where " + OF_CLASS)
        int count(TeacherId teacherId, ClassId classId);

        @Delete("delete from learnt_figure where " + OF_CLASS)
        void forget(TeacherId teacherId, ClassId classId);
    }
}
