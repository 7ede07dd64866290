-- The pile from which a teacher copies what a pupil wrote on paper.
alter table attempt add column marking_id bigint references marking (id) on delete set null;
create index attempt_of_marking on attempt (marking_id, pupil_id);
