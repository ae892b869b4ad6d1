alter table placement add column side boolean default false not null;
alter table placement add column weight integer default 100 not null;
alter table placement add column settled_until date;

create table plan_change (
  id uuid primary key,
  placement_id uuid not null references placement (id),
  position integer not null,
  made_on date not null,
  made_at timestamp(6) with time zone not null,
  automatic boolean not null,
  reason varchar(400) not null,
  changes clob not null,
  undone_at timestamp(6) with time zone,
  unique (placement_id, position)
);

create table appointment (
  id uuid primary key,
  title varchar(120) not null,
  weekday varchar(9),
  from_day date not null,
  to_day date,
  begins time not null,
  minutes integer not null,
  poses varchar(400) not null
);

create table topics (
  id integer primary key check (id = 1),
  version bigint not null,
  document clob not null
);

create table feed (
  id integer primary key check (id = 1),
  secret varchar(64) not null
);
