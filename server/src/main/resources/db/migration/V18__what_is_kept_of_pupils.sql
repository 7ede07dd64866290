-- How often the answers of a pupil have changed, so that what was worked out of them is known to be old.
create table answer_change (
    pupil_id bigint primary key references pupil (id) on delete cascade,
    changes bigint not null
);

-- What is worked out of a pupil's answers, kept so that nobody waits for it; thrown away it is worked out again.
create table kept_pupil (
    pupil_id bigint primary key references pupil (id) on delete cascade,
    -- The change it was worked out after, and by which way of working it out.
    changes bigint not null,
    made_by int not null,
    -- The day from which answers count that are dated later than the day it was worked out on; null where there are none.
    good_until date
);

create table kept_place (
    pupil_id bigint not null references kept_pupil (pupil_id) on delete cascade,
    rung varchar(80) not null,
    state varchar(12) not null,
    due_on date,
    shows varchar(120),
    right_answers int not null,
    answers int not null,
    quiz_day date,
    quiz_right int,
    quiz_of int,
    quiz_pass int,
    quiz_slip varchar(120),
    due boolean not null,
    primary key (pupil_id, rung)
);

create table kept_slip (
    pupil_id bigint not null references kept_pupil (pupil_id) on delete cascade,
    operation varchar(20) not null,
    slip varchar(120) not null,
    last_seen date not null,
    since int not null,
    confirmed boolean not null,
    primary key (pupil_id, operation, slip)
);

create table kept_slip_week (
    pupil_id bigint not null references kept_pupil (pupil_id) on delete cascade,
    operation varchar(20) not null,
    slip varchar(120) not null,
    monday date not null,
    seen int not null,
    answers int not null,
    primary key (pupil_id, operation, slip, monday)
);

create table kept_fact (
    pupil_id bigint not null references kept_pupil (pupil_id) on delete cascade,
    fact varchar(20) not null,
    times int not null,
    primary key (pupil_id, fact)
);
