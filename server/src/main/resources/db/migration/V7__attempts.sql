-- Papers that somebody has written: 'open' while at it, then how they were marked; null where Bemble wrote.
alter table log_entry add column written varchar(12);

create table attempt (
    entry_id bigint primary key references log_entry (id) on delete cascade,
    -- How it is written, as JSON: led or free, setting out, check and the like.
    settings varchar(4000) not null,
    -- Every figure in the order of writing with its time, as JSON.
    figures varchar(4000000) not null,
    -- The questions of one set worked through belong together.
    run varchar(36),
    set_id bigint,
    question int
);

create index attempt_run on attempt (run);
