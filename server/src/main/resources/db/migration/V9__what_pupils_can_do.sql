-- The day the papers were written, from which it is counted how long a skill is kept.
alter table marking add column worked_on date;
update marking set worked_on = cast(begun_at as date);
alter table marking alter column worked_on set not null;

-- How an answer was judged in the light of the paper, so that a year of answers can be counted without judging them again.
alter table marked_answer add column verdict varchar(12);
-- The likeliest slip of a wrong answer, apart from what the teacher decided.
alter table marked_answer add column presumed varchar(60);
-- The fact that may have been missed, such as 7x8.
alter table marked_answer add column fact varchar(20);
create index marked_answer_of_pupil on marked_answer (pupil_id);

-- Where a teacher says otherwise than the rule.
create table ruling (
    pupil_id bigint not null references pupil (id) on delete cascade,
    rung varchar(80) not null,
    state varchar(12) not null,
    reason varchar(400) not null,
    ruled_on date not null,
    primary key (pupil_id, rung)
);

-- What a teacher wants of the plans of a class: the order of topics for the term and the like, as JSON.
create table class_term (
    class_id bigint primary key references school_class (id) on delete cascade,
    content varchar(20000) not null
);

-- A week's plan as it was changed by hand, as JSON.
create table class_plan (
    class_id bigint not null references school_class (id) on delete cascade,
    monday date not null,
    content varchar(500000) not null,
    revision int not null,
    primary key (class_id, monday)
);

-- Two judgements of a piece of unaided work, side by side.
create table judgement (
    id bigint generated always as identity primary key,
    pupil_id bigint not null references pupil (id) on delete cascade,
    marking_id bigint not null references marking (id) on delete cascade,
    question int not null,
    judge varchar(60) not null,
    says varchar(400) not null,
    judged_on date not null
);

create index judgement_of_pupil on judgement (pupil_id);
