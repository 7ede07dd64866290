-- Bemble's own words for the longest workings have to fit.
alter table log_entry alter column explanation varchar(400000);
