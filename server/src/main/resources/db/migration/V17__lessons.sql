-- A lesson as it was changed by hand or on the board, as JSON; the source says what it is about.
create table lesson (
    teacher_id bigint not null references teacher (id) on delete cascade,
    source varchar(300) not null,
    content varchar(100000) not null,
    revision int not null,
    primary key (teacher_id, source)
);
