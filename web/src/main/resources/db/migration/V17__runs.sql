-- A class can be run more than once: run 0 is the evening itself, the others are rehearsals against a simulated kitchen.
alter table air_event
    add column run bigint not null default 0 after class_id,
    drop primary key,
    add primary key (class_id, run, seq);

-- The class, without its guests, and its plan as they were when it went on air: what was planned stays what it was.
create table air_run (
    class_id bigint      not null,
    run      bigint      not null,
    cooking  longtext    not null,
    plan     longtext    not null,
    seed     bigint      not null,
    plays    varchar(40) not null,
    start_at datetime(3) not null,
    since    datetime(3) not null,
    at_ms    bigint      not null,
    speed    int         not null,
    made_by  varchar(100) not null,
    made_at  datetime(3) not null,
    primary key (class_id, run),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
