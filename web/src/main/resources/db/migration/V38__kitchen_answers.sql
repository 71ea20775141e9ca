-- What the house answers in every dish: which food its words mean, and which advice it does not need again.
create table kitchen_answer (
  what varchar(10) not null,
  subject varchar(300) not null,
  answer varchar(300) not null,
  who varchar(100) not null,
  made_at datetime not null,
  primary key (what, subject)
);
