-- Plates and orders of steps of the learner's own; how asking went on each day.
create table recall_own (
  id uuid primary key,
  version bigint not null,
  removed boolean not null,
  kind varchar(20) not null,
  document clob not null,
  svg clob,
  picture uuid,
  picture_way varchar(400)
);

create table recall_day (
  thing varchar(140) not null,
  answered_on date not null,
  asked integer not null,
  right_parts integer not null,
  primary key (thing, answered_on)
);
