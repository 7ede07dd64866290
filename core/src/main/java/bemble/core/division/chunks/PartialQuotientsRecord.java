package bemble.core.division.chunks;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/** A division by chunks; the chunks add up to the quotient. */
public record PartialQuotientsRecord(List<ChunkStage> chunks) implements WorkRecord {
    public PartialQuotientsRecord {
        chunks = List.copyOf(chunks);
    }

    @Override
    public String inShort(Words words) {
        return chunks.isEmpty() ? "no chunk"
                : WorkRecord.listed("chunks", chunks.stream().map(ChunkStage::chunk).toList());
    }
}
