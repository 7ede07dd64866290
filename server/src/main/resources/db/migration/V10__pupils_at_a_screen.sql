-- A set opened for a class, to be written at screens.
create table screen_session (
    id bigint generated always as identity primary key,
    teacher_id bigint not null references teacher (id),
    class_id bigint not null references school_class (id) on delete cascade,
    marking_id bigint not null references marking (id) on delete cascade,
    code varchar(8) not null,
    title varchar(180) not null,
    -- The questions as they were when it was opened, as JSON.
    problems varchar(2000000) not null,
    led boolean not null,
    asks_digits boolean not null,
    opened_at timestamp with time zone not null,
    ended_at timestamp with time zone
);

create index screen_session_of_teacher on screen_session (teacher_id, opened_at desc);
create index screen_session_code on screen_session (code);

-- A pupil's place in it; there is a row for everybody from the beginning.
create table screen_place (
    session_id bigint not null references screen_session (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    digits varchar(4) not null,
    -- Names the pupil's papers in the log once they have come in.
    run varchar(36),
    seen_at timestamp with time zone,
    at_question int,
    -- The numbers of the questions begun, parted by commas.
    begun varchar(1000) not null,
    handed_in_at timestamp with time zone,
    primary key (session_id, pupil_id)
);

-- Whose paper it is, where a pupil wrote it at a screen.
alter table attempt add column pupil_id bigint references pupil (id) on delete set null;
create index attempt_of_pupil on attempt (pupil_id);
