-- The row that only one first account can have: whoever comes second is told by the database.
create table first_account (
    id int primary key check (id = 1),
    teacher_id bigint not null references teacher (id)
);

insert into first_account (id, teacher_id) select 1, min(id) from teacher having count(*) > 0;

-- How often a row was changed, so that of two windows the second is told.
alter table practice_set add column revision int not null default 0;
alter table log_entry add column revision int not null default 0;
