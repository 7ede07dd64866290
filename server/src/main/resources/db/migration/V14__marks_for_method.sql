-- The marks that a paper with its working got, where the house style gives marks for method.
alter table marked_answer add column marks_given int;
alter table marked_answer add column marks_of int;
