-- For how many days the pictures of answers are kept that were brought in together; a term, where nothing is said.
alter table scan add column picture_days int not null default 120;
