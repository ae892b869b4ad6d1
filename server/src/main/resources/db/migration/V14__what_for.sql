-- How sittings felt; pictures of what all this is for; goals that are asked again; open ends;
-- subjects paired by hand; boundaries of phases as the learner sets them.
alter table sitting add column energy_after integer;
alter table sitting add column how_it_was integer;

create table what_for (
  id integer primary key,
  version bigint not null,
  document clob not null
);

create table goal (
  kind varchar(20) not null,
  about uuid not null,
  version bigint not null,
  document clob not null,
  primary key (kind, about)
);

create table open_end (
  id uuid primary key,
  version bigint not null,
  state varchar(20) not null,
  noted_on date not null,
  text varchar(600) not null
);

create table own_subject (
  id uuid primary key,
  version bigint not null,
  removed boolean not null,
  document clob not null
);

create table phase_boundary (
  figure varchar(30) primary key,
  document clob not null
);
