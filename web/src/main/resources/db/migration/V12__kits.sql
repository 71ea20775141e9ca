-- What somebody cannot have, and what they would rather not.
alter table attendee_avoid add column strict boolean not null default true;

-- What is known of an attendee beside what the class file holds: how to reach them, and what they said of their kitchen.
create table attendee_detail (
    class_id    bigint        not null,
    attendee_id varchar(200)  not null,
    contact     varchar(320)  not null,
    spice       varchar(20)   not null,
    delivery    varchar(20)   not null,
    equipment   varchar(2000) not null,
    remark      varchar(2000) not null,
    primary key (class_id, attendee_id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Names for what belongs together, such as a rule of a faith or of one's own: the words it stands for.
create table house_rule (
    name  varchar(100)  not null primary key,
    words varchar(4000) not null
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Guests sign themselves up by one link for a class; only its digest is kept.
create table class_signup (
    class_id  bigint        not null primary key,
    digest    char(64),
    places    int,
    closes_at datetime(3),
    joining   varchar(2000) not null,
    unique (digest),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Who would come if there were a place, the longest waiting first.
create table waiting_guest (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    document    text         not null,
    since       datetime(3)  not null,
    primary key (class_id, attendee_id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- What was weighed into which kit: only ever added to. Two stations that add at once get two numbers, or one of them tries again.
create table packing_event (
    class_id    bigint         not null,
    seq         int            not null,
    kind        varchar(20)    not null,
    attendee_id varchar(200)   not null,
    dish        varchar(200)   not null,
    item_id     varchar(200)   not null,
    grams       decimal(36, 6) not null,
    lot         varchar(100)   not null,
    use_by      date,
    station     varchar(100)   not null,
    who         varchar(100)   not null,
    at          datetime(3)    not null,
    client      varchar(64)    not null,
    primary key (class_id, seq),
    unique (client),
    index (item_id, lot),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- What was printed or handed out for somebody, and a digest of what stood in it, so that a later change can be told.
create table made_for (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    kind        varchar(20)  not null,
    digest      char(64)     not null,
    who         varchar(100) not null,
    at          datetime(3)  not null,
    primary key (class_id, attendee_id, kind),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- The kitchen scales that ship with the application: what lies on each, and since when.
create table scale_device (
    station    varchar(100)   not null primary key,
    load_grams decimal(20, 6) not null,
    was_grams  decimal(20, 6) not null,
    zero_grams decimal(20, 6) not null,
    changed_at datetime(3)    not null,
    zeroed_at  datetime(3)    not null,
    fault      varchar(20)    not null
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- The label printer that ships with the application: what it was asked, and when it jammed.
create table printer_event (
    id       bigint       not null auto_increment primary key,
    kind     varchar(20)  not null,
    class_id bigint,
    sheet    varchar(20)  not null,
    labels   int          not null,
    job      bigint       not null,
    who      varchar(100) not null,
    at       datetime(3)  not null,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- How much of an item was to be bought when it was ticked off: a guest who comes later makes it more.
create table bought_amount (
    class_id bigint         not null,
    item_id  varchar(200)   not null,
    grams    decimal(40, 20) not null,
    primary key (class_id, item_id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
