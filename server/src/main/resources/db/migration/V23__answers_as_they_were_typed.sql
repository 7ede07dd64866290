-- What an answer means stands in "given", in plain digits with a point, and what was typed beside it; so a style that is changed later
-- changes nothing of it. What was kept until now is read in the next step, in the style that its teacher has.
alter table marked_answer alter column given varchar(130) not null;
alter table marked_answer alter column correction varchar(130) not null;
alter table marked_answer add column typed varchar(130) default '' not null;
update marked_answer set typed = given;
