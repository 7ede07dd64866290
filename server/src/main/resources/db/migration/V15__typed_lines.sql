-- What was typed into a pile, once each by a key that the sender makes, with what stood there before, so that it can be taken back.
create table typed_line (
    entry_key varchar(36) primary key,
    marking_id bigint not null references marking (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    line varchar(240) not null,
    -- As JSON: the paper and the answers that it changed, as they were and as they are since.
    changed varchar(400000) not null,
    typed_at timestamp with time zone not null,
    taken_back boolean default false not null
);
create index typed_line_of_marking on typed_line (marking_id);
