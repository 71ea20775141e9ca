-- A class is one document, its class file, without those who take part; a guest is a row of their own.
alter table cooking_class add column document longtext, add column guests int not null default 0;

-- Somebody who takes part: as in the class file, and counted up with every change. What a guest says is theirs: no undo of
-- the class touches it. The name of the press that signed them up lets the same press count once.
create table guest (
    class_id bigint       not null,
    id       varchar(200) not null,
    position int          not null,
    version  int          not null,
    document text         not null,
    client   varchar(64),
    primary key (class_id, id),
    unique (client),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- What guests changed of what they cannot have, until the host has seen it.
create table guest_notice (
    id       bigint        not null auto_increment primary key,
    class_id bigint        not null,
    guest_id varchar(200)  not null,
    said     varchar(4000) not null,
    at       datetime(3)   not null,
    seen_by  varchar(100),
    seen_at  datetime(3),
    index (class_id, seen_at),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

alter table waiting_guest add column client varchar(64), add unique (client);

-- A letter is written down with what it tells of, and handed over to the mail server afterwards.
alter table mail_message add column handed_over boolean not null default true, add index (address, sent_at);

-- A device on which somebody has signed in before is not locked out by strangers who guess. Only a digest is kept.
create table known_device (
    digest char(64)     not null primary key,
    login  varchar(100) not null,
    since  datetime(6)  not null
) character set utf8mb4 collate utf8mb4_nopad_bin;
alter table failed_sign_in modify login varchar(200) not null;
