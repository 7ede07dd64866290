create table school_class (
    id bigint generated always as identity primary key,
    teacher_id bigint not null references teacher (id),
    name varchar(60) not null,
    deleted_at timestamp with time zone
);

create index school_class_of_teacher on school_class (teacher_id, name);

create table pupil (
    id bigint generated always as identity primary key,
    class_id bigint not null references school_class (id) on delete cascade,
    name varchar(60) not null,
    place int not null,
    deleted_at timestamp with time zone
);

create index pupil_of_class on pupil (class_id, place);

create table marking (
    id bigint generated always as identity primary key,
    teacher_id bigint not null references teacher (id),
    class_id bigint not null references school_class (id),
    title varchar(180) not null,
    begun_at timestamp with time zone not null,
    -- The sheets that are marked, each under its code, as JSON: the questions as they were printed.
    sheets varchar(2000000) not null,
    deleted_at timestamp with time zone
);

create index marking_newest on marking (teacher_id, begun_at desc);

create table marked_paper (
    marking_id bigint not null references marking (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    sheet varchar(12),
    absent boolean not null default false,
    primary key (marking_id, pupil_id)
);

create table marked_answer (
    marking_id bigint not null references marking (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    question int not null,
    -- right, given, blank, not-reached or unclear
    state varchar(12) not null,
    given varchar(120) not null,
    correction varchar(120) not null,
    -- How it was done, in the teacher's own code.
    how varchar(20) not null,
    -- The cause that the teacher decided on; null where they have not.
    cause varchar(60),
    primary key (marking_id, pupil_id, question)
);
