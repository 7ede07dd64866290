package bemble.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The rungs: what schools have stored of them is found again. */
class LadderTest {
    /** These stand in databases and files of schools: a rung may be added, none may lose its id. */
    @Test
    void everyRungThatWasEverStoredIsFound() throws IOException {
        assertThat(Files.readAllLines(Path.of("src/test/resources/rungs.txt"))).hasSizeGreaterThan(30)
                .allSatisfy(id -> assertThat(Ladder.find(id)).as(id).isPresent());
    }

    @Test
    void eachIsSaidInPlainWordsOfItsOwnAndHasAQuestionThatStandsOnIt() {
        assertThat(Ladder.all()).extracting(Rung::plainWords).doesNotHaveDuplicates();
        assertThat(Ladder.all()).extracting(Rung::id).doesNotHaveDuplicates();
        assertThat(Ladder.all())
                .allSatisfy(rung -> assertThat(Ladder.rungOf(rung.example().features())).contains(rung));
    }
}
