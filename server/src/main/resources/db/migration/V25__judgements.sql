-- How a paper was judged, with what the judgement rests on: as long as that is the same, nobody works it out again.
create table paper_judgement (
    marking_id bigint not null references marking (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    version int not null,
    grounds char(64) not null,
    judgement varchar(200000) not null,
    primary key (marking_id, pupil_id)
);
create index paper_judgement_version on paper_judgement (version);
