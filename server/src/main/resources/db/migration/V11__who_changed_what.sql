-- How often each was changed, so that of two windows the second is told.
alter table school_class add column revision int not null default 0;
alter table class_term add column revision int not null default 0;
alter table marked_answer add column revision int not null default 0;

-- The device that writes under a pupil's name, and when another last tried to.
alter table screen_place add column device varchar(40);
alter table screen_place add column other_device_at timestamp with time zone;

-- Entries deleted together come back together.
create index log_entry_deleted on log_entry (teacher_id, deleted_at);

-- What was kept and waits to be judged; it is judged after it was kept, and after a restart.
alter table marked_answer add column unjudged boolean not null default false;
create index marked_answer_unjudged on marked_answer (unjudged, marking_id);
-- When a paper that was handed in had come into its pile.
alter table screen_place add column taken_at timestamp with time zone;
update screen_place set taken_at = handed_in_at;
-- The set a session was opened with; null where that was before this was kept.
alter table screen_session add column set_id bigint;

-- What belongs to a deleted class is shown nowhere; here is the one place that says so. What a search looks through is
-- written as searched words are: in small letters, with the signs of sums.
create view live_marking as
    select m.*, c.name as class_name, lower(translate(m.title || ' ' || c.name, '-*/', '−×÷')) as words
    from marking m join school_class c on c.id = m.class_id
    where m.deleted_at is null and c.deleted_at is null;
create view live_session as
    select s.*, c.name as class_name, lower(translate(s.title || ' ' || c.name || ' ' || s.code, '-*/', '−×÷')) as words
    from screen_session s join school_class c on c.id = s.class_id
    where c.deleted_at is null;

-- A class on its way in from a file: nobody sees it until it is whole.
alter table school_class add column arriving boolean not null default false;
