-- People who work here: roles, invitations, a second factor, and signing out everywhere.
alter table account
  add active boolean not null default true,
  add totp varchar(64) null,
  add totp_pending varchar(64) null,
  add totp_step bigint not null default 0,
  add signed_in_at datetime null;

-- A link that makes an account, or a new password for one; only its digest is kept.
create table staff_link (
  id bigint auto_increment primary key,
  digest char(64) not null unique,
  login varchar(100) null,
  role varchar(20) not null,
  name varchar(200) not null,
  made_at datetime not null,
  made_by varchar(100) not null,
  expires_at datetime not null,
  used_at datetime null
);
