-- What an entry tells of learning, beside what was drawn and how long.
alter table entry add column unit varchar(16);
alter table entry add column unit_from integer;
alter table entry add column unit_to integer;
alter table entry add column used varchar(20);
alter table entry add column facets varchar(2000) not null default '';
alter table entry add column facet_ids varchar(400) not null default '';
alter table entry add column mark_before integer;
alter table entry add column looked_for varchar(10);
alter table entry add column depth varchar(10);

-- How fast topics fade, and whether the program says so.
alter table settings add column half_life_days integer not null default 45;
alter table settings add column fading_percent integer not null default 70;
alter table settings add column rusty_percent integer not null default 50;
alter table settings add column rust_said boolean not null default true;

-- What the learner tells of a topic that its entries do not.
create table told_topic (
  id uuid primary key,
  depth varchar(10),
  weak_since date,
  weak_drawings integer
);

-- What the learner tells of a resource; a resource is a name that entries use.
create table told_resource (
  id uuid primary key,
  version bigint not null,
  removed boolean not null,
  document clob not null
);

-- Warm-ups that were put into a day, in the minutes for setting up or those kept free.
create table warm_up (
  id uuid primary key,
  practice_day date not null,
  topic varchar(200) not null,
  topic_id uuid not null,
  minutes integer not null,
  room varchar(20) not null,
  from_imagination boolean not null
);

create index warm_up_day on warm_up (practice_day);

-- References gathered for an exercise or a purpose, and which pictures of the own folder were drawn from.
create table reference_set (
  id uuid primary key,
  version bigint not null,
  name varchar(120) not null,
  within varchar(400) not null,
  needed integer not null,
  exercise_id varchar(80)
);

create table shown_picture (
  picture_id uuid primary key,
  practice_day date not null
);
