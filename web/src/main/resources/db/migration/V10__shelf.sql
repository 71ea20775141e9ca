-- Where an item is bought, and how long it takes to come.
create table shelf_item (
    item_id   varchar(200) not null primary key,
    shop      varchar(100) not null,
    aisle     varchar(100) not null,
    lead_days int          not null
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Prices as they were seen; the last of a pack counts.
create table price_note (
    id      bigint         not null auto_increment primary key,
    item_id varchar(200)   not null,
    shop    varchar(100)   not null,
    grams   decimal(30, 6) not null,
    price   decimal(30, 6) not null,
    seen_on date           not null,
    who     varchar(100)   not null,
    index (item_id, id)
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- The pantry's ledger: only ever added to.
create table pantry_movement (
    id       bigint         not null auto_increment primary key,
    kind     varchar(20)    not null,
    item_id  varchar(200)   not null,
    batch    varchar(100)   not null,
    grams    decimal(40, 20) not null,
    use_by   date,
    opened   boolean        not null,
    class_id bigint,
    who      varchar(100)   not null,
    at       datetime(3)    not null,
    reason   varchar(500)   not null,
    index (item_id, id)
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- What attendees pay, and whether the class is over and its pantry settled.
create table class_money (
    class_id bigint not null primary key,
    fee      decimal(30, 6),
    settled  boolean not null,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- A list that somebody takes to the shop without signing in; only a digest of its link is kept.
create table shop_link (
    digest     char(64)     not null primary key,
    class_id   bigint       not null,
    made_by    varchar(100) not null,
    expires_at datetime(3)  not null,
    withdrawn  boolean      not null,
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;
