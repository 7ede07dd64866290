-- A teacher's own cues for kinds of steps, and how the screens behave for them, as JSON.
create table teacher_preference (
    teacher_id bigint primary key references teacher (id),
    content varchar(20000) not null
);
