-- Accounts of the people who plan and run classes.
create table account (
    id            bigint       not null auto_increment primary key,
    login         varchar(100) not null unique,
    name          varchar(200) not null,
    password_hash varchar(200) not null,
    role          varchar(20)  not null
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Failed attempts to sign in, for throttling; old ones are swept away.
create table failed_sign_in (
    id        bigint       not null auto_increment primary key,
    login     varchar(100) not null,
    failed_at datetime(6)  not null,
    key failed_sign_in_login (login, failed_at)
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- A class and everything in it, as in the class file. Weights, amounts and money are decimals, never floating point.
-- Ids of the class file are unique inside their class or dish, so they are part of the keys.
create table cooking_class (
    id               bigint         not null auto_increment primary key,
    version          int            not null,
    title            varchar(1000)  not null,
    style            varchar(20)    not null,
    starts_at        datetime(6)    not null,
    zone             varchar(100)   not null,
    air_minutes      decimal(36, 24) not null,
    measures         varchar(20)    not null,
    demo_servings    decimal(36, 24) not null,
    tasting_portions decimal(36, 24) not null,
    tasting_share    decimal(36, 24) not null,
    spare_percent    decimal(36, 24) not null
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table prep_window (
    class_id     bigint          not null,
    position     int             not null,
    from_minutes decimal(36, 24) not null,
    to_minutes   decimal(36, 24) not null,
    primary key (class_id, position),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table person (
    class_id bigint        not null,
    id       varchar(200)  not null,
    position int           not null,
    name     varchar(1000) not null,
    role     varchar(20)   not null,
    primary key (class_id, id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table resource (
    class_id        bigint          not null,
    id              varchar(200)    not null,
    position        int             not null,
    kind            varchar(1000)   not null,
    units           int             not null,
    rinse_minutes   decimal(36, 24) not null,
    heat_per_minute decimal(36, 24) not null,
    cool_per_minute decimal(36, 24) not null,
    primary key (class_id, id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table item (
    class_id        bigint          not null,
    id              varchar(200)    not null,
    position        int             not null,
    name            varchar(1000)   not null,
    grams_per_ml    decimal(36, 24),
    grams_per_piece decimal(36, 24),
    grams_per_can   decimal(36, 24),
    edible_share    decimal(36, 24) not null,
    origin          varchar(20)     not null,
    house_rule      varchar(20),
    storage         varchar(20),
    tolerance       decimal(36, 24),
    has_nutrients   boolean         not null,
    primary key (class_id, id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table item_allergen (
    class_id bigint       not null,
    item_id  varchar(200) not null,
    allergen varchar(20)  not null,
    primary key (class_id, item_id, allergen),
    foreign key (class_id, item_id) references item (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table item_pack (
    class_id bigint          not null,
    item_id  varchar(200)    not null,
    position int             not null,
    grams    decimal(36, 24) not null,
    price    decimal(36, 24) not null,
    primary key (class_id, item_id, position),
    foreign key (class_id, item_id) references item (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table item_nutrient (
    class_id bigint          not null,
    item_id  varchar(200)    not null,
    name     varchar(20)     not null,
    per_100g decimal(36, 24) not null,
    primary key (class_id, item_id, name),
    foreign key (class_id, item_id) references item (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table dish (
    class_id bigint          not null,
    id       varchar(200)    not null,
    position int             not null,
    title    varchar(1000)   not null,
    servings decimal(36, 24) not null,
    primary key (class_id, id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table component (
    class_id bigint        not null,
    dish_id  varchar(200)  not null,
    id       varchar(200)  not null,
    position int           not null,
    title    varchar(1000) not null,
    primary key (class_id, dish_id, id),
    foreign key (class_id, dish_id) references dish (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table ingredient_line (
    class_id     bigint          not null,
    dish_id      varchar(200)    not null,
    id           varchar(200)    not null,
    component_id varchar(200)    not null,
    position     int             not null,
    item_id      varchar(200)    not null,
    amount_low   decimal(36, 24),
    amount_high  decimal(36, 24),
    unit         varchar(20),
    prep         text,
    scaling      varchar(20)     not null,
    is_optional  boolean         not null,
    source       varchar(20)     not null,
    primary key (class_id, dish_id, id),
    foreign key (class_id, dish_id, component_id) references component (class_id, dish_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table step (
    class_id       bigint          not null,
    dish_id        varchar(200)    not null,
    id             varchar(200)    not null,
    component_id   varchar(200)    not null,
    position       int             not null,
    title          varchar(1000)   not null,
    instruction    mediumtext,
    minutes_low    decimal(36, 24) not null,
    minutes_likely decimal(36, 24) not null,
    minutes_high   decimal(36, 24) not null,
    work           varchar(20)     not null,
    shown          varchar(20)     not null,
    keeps          decimal(36, 24),
    swap_minutes   decimal(36, 24),
    check_every    decimal(36, 24),
    cue            mediumtext,
    say            mediumtext,
    noise          varchar(20),
    primary key (class_id, dish_id, id),
    foreign key (class_id, dish_id, component_id) references component (class_id, dish_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table step_need (
    class_id  bigint          not null,
    dish_id   varchar(200)    not null,
    step_id   varchar(200)    not null,
    position  int             not null,
    kind      varchar(1000)   not null,
    units     int             not null,
    celsius   decimal(36, 24),
    tolerance decimal(36, 24) not null,
    primary key (class_id, dish_id, step_id, position),
    foreign key (class_id, dish_id, step_id) references step (class_id, dish_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table step_after (
    class_id       bigint          not null,
    dish_id        varchar(200)    not null,
    step_id        varchar(200)    not null,
    position       int             not null,
    before_id      varchar(200)    not null,
    least_minutes  decimal(36, 24) not null,
    within_minutes decimal(36, 24),
    primary key (class_id, dish_id, step_id, position),
    foreign key (class_id, dish_id, step_id) references step (class_id, dish_id, id) on delete cascade,
    foreign key (class_id, dish_id, before_id) references step (class_id, dish_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table step_use (
    class_id bigint          not null,
    dish_id  varchar(200)    not null,
    step_id  varchar(200)    not null,
    position int             not null,
    line_id  varchar(200)    not null,
    share    decimal(36, 24) not null,
    primary key (class_id, dish_id, step_id, position),
    foreign key (class_id, dish_id, step_id) references step (class_id, dish_id, id) on delete cascade,
    foreign key (class_id, dish_id, line_id) references ingredient_line (class_id, dish_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table substitution (
    class_id bigint          not null,
    position int             not null,
    replaced varchar(200)    not null,
    used     varchar(200)    not null,
    ratio    decimal(36, 24) not null,
    role     text,
    note     text,
    effect   text,
    primary key (class_id, position),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table attendee (
    class_id bigint          not null,
    id       varchar(200)    not null,
    position int             not null,
    name     varchar(1000)   not null,
    servings decimal(36, 24) not null,
    zone     varchar(100),
    gets     varchar(20)     not null,
    primary key (class_id, id),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table attendee_avoid (
    class_id    bigint       not null,
    attendee_id varchar(200) not null,
    position    int          not null,
    word        varchar(200) not null,
    primary key (class_id, attendee_id, position),
    foreign key (class_id, attendee_id) references attendee (class_id, id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

create table pantry_stock (
    class_id bigint          not null,
    position int             not null,
    item_id  varchar(200)    not null,
    grams    decimal(36, 24) not null,
    primary key (class_id, position),
    foreign key (class_id) references cooking_class (id) on delete cascade
) character set utf8mb4 collate utf8mb4_nopad_bin;

-- Sessions, so that any node can serve any request (the tables Spring Session asks for).
create table SPRING_SESSION (
    PRIMARY_ID            char(36) not null primary key,
    SESSION_ID            char(36) not null,
    CREATION_TIME         bigint   not null,
    LAST_ACCESS_TIME      bigint   not null,
    MAX_INACTIVE_INTERVAL int      not null,
    EXPIRY_TIME           bigint   not null,
    PRINCIPAL_NAME        varchar(100),
    unique key SPRING_SESSION_IX1 (SESSION_ID),
    key SPRING_SESSION_IX2 (EXPIRY_TIME),
    key SPRING_SESSION_IX3 (PRINCIPAL_NAME)
) character set utf8mb4 collate utf8mb4_bin;

create table SPRING_SESSION_ATTRIBUTES (
    SESSION_PRIMARY_ID char(36)     not null,
    ATTRIBUTE_NAME     varchar(200) not null,
    ATTRIBUTE_BYTES    longblob     not null,
    primary key (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
    foreign key (SESSION_PRIMARY_ID) references SPRING_SESSION (PRIMARY_ID) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;
