-- What is asked for again, and how it went.
create table recall_taken (
  subject varchar(140) primary key,
  taken_on date not null,
  way varchar(20) not null,
  left_off boolean not null
);

create table recall_asked (
  item varchar(240) primary key,
  step integer not null,
  asked_on date not null,
  due_on date not null,
  times integer not null,
  right_times integer not null,
  seconds integer not null
);

create table recall_setting (
  id integer primary key,
  resting boolean not null
);
