-- The house that cooks: one row, once somebody has said something of it.
create table house (
  id tinyint primary key,
  name varchar(200) not null,
  address varchar(1000) not null,
  currency char(3) null,
  measures varchar(10) not null,
  degrees varchar(20) not null,
  hours varchar(20) not null,
  dates varchar(20) not null,
  week_start varchar(10) not null,
  fee decimal(12,2) null,
  vat decimal(5,2) null,
  zone varchar(60) null,
  logo mediumblob null,
  logo_digest char(43) null,
  changed_at datetime not null,
  changed_by varchar(100) not null
);
