-- Rules worked out that teachers met in their pupils and gave a name; the whole school knows them from then on.
create table kept_rule (
    id bigint generated always as identity primary key,
    rule varchar(120) not null,
    operation varchar(20) not null,
    name varchar(60) not null,
    kept_by bigint not null references teacher (id) on delete cascade,
    deleted_at timestamp with time zone,
    unique (rule, operation)
);
