alter table log_entry add column explanation varchar(20000) not null default '';
