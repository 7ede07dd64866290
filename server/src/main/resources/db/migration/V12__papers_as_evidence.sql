-- The slip that a paper with its working fits: evidence beside the answer itself.
alter table marked_answer add column paper varchar(60);
