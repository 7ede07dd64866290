-- What a search of the log looks through, written as what is searched for is (SearchWords), and read off one index alone.
alter table log_entry add column words varchar(8000) generated always as (lower(translate(
    problem || char(10) || answer || char(10) || label || char(10) || note || char(10) || working, '-*/', '−×÷')));
create index log_entry_words on log_entry (teacher_id, deleted_at, worked_at desc, id desc, words);
drop index log_entry_there;
