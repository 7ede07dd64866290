-- What a teacher wrote on a page for somebody else, and which of its sections are left out.
create table page_words (
    teacher_id bigint not null references teacher (id) on delete cascade,
    page varchar(60) not null,
    content varchar(12000) not null,
    primary key (teacher_id, page)
);
