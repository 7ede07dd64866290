-- A teacher's own words to a child about a sheet; where there are none, they are made from the answers.
create table feedback (
    marking_id bigint not null references marking (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    words varchar(300) not null,
    primary key (marking_id, pupil_id)
);
