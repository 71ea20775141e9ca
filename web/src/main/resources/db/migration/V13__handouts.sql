-- What the host writes for the handouts of a class.
create table host_words (
    class_id bigint   not null primary key,
    version  int      not null,
    document longtext not null,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Editions of the handouts: a copy of everything that they follow from, so that nobody's changes silently.
create table handout_edition (
    class_id    bigint        not null,
    number      int           not null,
    state       varchar(20)   not null,
    document    longtext      not null,
    words       longtext      not null,
    styles      text          not null,
    note        varchar(1000) not null,
    made_by     varchar(100)  not null,
    made_at     datetime(3)   not null,
    reviewed_by varchar(100),
    released_at datetime(3),
    primary key (class_id, number),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- The edition that somebody has.
create table handout_sent (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    edition     int          not null,
    at          datetime(3)  not null,
    primary key (class_id, attendee_id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Pictures of the host: re-encoded, so that nothing but the picture is in them.
create table picture (
    id       bigint      not null auto_increment primary key,
    class_id bigint      not null,
    width    int         not null,
    height   int         not null,
    jpeg     mediumblob  not null,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- The mail box that ships with the application.
create table mail_message (
    id          bigint        not null auto_increment primary key,
    class_id    bigint        not null,
    attendee_id varchar(200)  not null,
    address     varchar(320)  not null,
    subject     varchar(500)  not null,
    body        text          not null,
    sent_at     datetime(3)   not null,
    due_at      datetime(3)   not null,
    bounced     boolean       not null,
    problem     varchar(500)  not null,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- How the mail box behaves, to try what happens then.
create table mail_rule (
    id            int          not null primary key,
    bounce        varchar(200) not null,
    delay_minutes int          not null
) character set utf8mb4 collate utf8mb4_nopad_bin;
