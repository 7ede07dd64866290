-- Since when a pupil stands as they do on a rung; the records are worked out anew with it.
alter table kept_place add column since_day date;
