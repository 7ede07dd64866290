-- What was worked last, and which papers are open, whatever else a year has written.
create index log_entry_written on log_entry (teacher_id, written, worked_at desc, id desc);
create index log_entry_there on log_entry (teacher_id, deleted_at, worked_at desc, id desc);
