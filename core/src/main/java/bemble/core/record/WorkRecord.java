package bemble.core.record;

/** The working without the paper: carries, exchanges, partial products, stages. The log keeps it. */
public sealed interface WorkRecord permits ColumnRecord, RunningRecord, PartialSumsRecord, DecompositionRecord,
        EqualAdditionsRecord, CountingUpRecord, LongMultiplicationRecord, AreaRecord, CrosswiseRecord, DivisionRecord,
        RootRecord, MatchedRecord {}
