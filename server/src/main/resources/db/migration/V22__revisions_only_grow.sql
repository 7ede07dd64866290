-- The last revision of an answer that was taken out: one that is typed anew goes on from there, so that no two answers to a
-- question ever have the same.
create table taken_out_answer (
    marking_id bigint not null references marking(id) on delete cascade,
    pupil_id bigint not null references pupil(id) on delete cascade,
    question int not null,
    revision int not null,
    primary key (marking_id, pupil_id, question)
);
