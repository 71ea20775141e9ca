-- The schools a host cooks by; a recipe brought in is put into them, each as a change that can be taken back.
create table host_style (
    login  varchar(100) not null,
    matter varchar(40)  not null,
    school varchar(40)  not null,
    primary key (login, matter)
) character set utf8mb4 collate utf8mb4_nopad_bin;
