create table practice_set (
    id bigint generated always as identity primary key,
    teacher_id bigint not null references teacher (id),
    title varchar(120) not null,
    tag varchar(60) not null,
    content varchar(1000000) not null,
    -- What a search looks through: title, class, problems and stories, in small letters.
    words varchar(1000000) not null,
    changed_at timestamp with time zone not null,
    archived boolean not null default false,
    deleted_at timestamp with time zone
);

create index practice_set_newest on practice_set (teacher_id, changed_at desc, id desc);

create table set_print (
    id bigint generated always as identity primary key,
    teacher_id bigint not null references teacher (id),
    set_id bigint not null references practice_set (id),
    code varchar(12) not null unique,
    version varchar(1) not null,
    printed_at timestamp with time zone not null,
    content varchar(1000000) not null,
    choices varchar(4000) not null
);

create index set_print_of_set on set_print (teacher_id, set_id, printed_at desc);
