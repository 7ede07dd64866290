create table teacher (
    id bigint generated always as identity primary key,
    login varchar(60) not null unique,
    name varchar(120) not null,
    password_hash varchar(200) not null
);

create table house_style (
    teacher_id bigint primary key references teacher (id),
    choices varchar(4000) not null
);

create table log_entry (
    id bigint generated always as identity primary key,
    teacher_id bigint not null references teacher (id),
    reference uuid not null,
    worked_at timestamp with time zone not null,
    operation varchar(20) not null,
    problem varchar(1000) not null,
    method varchar(30) not null,
    choices varchar(4000) not null,
    check_kind varchar(30) not null,
    answer varchar(200) not null,
    working varchar(4000) not null,
    check_statement varchar(2000) not null,
    check_holds boolean not null,
    label varchar(120) not null default '',
    note varchar(2000) not null default '',
    kept boolean not null default false,
    deleted_at timestamp with time zone,
    unique (teacher_id, reference)
);

create index log_entry_newest on log_entry (teacher_id, worked_at desc, id desc);
