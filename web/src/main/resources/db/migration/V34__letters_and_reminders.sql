-- A letter that is being handed over is left alone by other servers until then.
alter table mail_message
    add column unsubscribe varchar(500) null,
    add column claimed_until datetime(3) null;

-- For which day a guest was reminded, and whether they want to be.
create table reminder (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    sent_for    datetime(6)  null,
    off         boolean      not null default false,
    primary key (class_id, attendee_id),
    foreign key (class_id, attendee_id) references guest (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
