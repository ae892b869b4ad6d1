alter table entry add column poses varchar(400) default '' not null;

create table quota (
  id uuid primary key,
  version bigint not null,
  document clob not null,
  start_day date not null,
  again_of uuid,
  ended_on date,
  learned varchar(2000) not null,
  best clob not null,
  made_at timestamp(6) with time zone not null
);

create table quota_prompt (
  id uuid primary key,
  quota_id uuid not null references quota (id),
  position integer not null,
  words varchar(400) not null,
  chosen boolean not null,
  done_on date,
  developed boolean not null
);

create index quota_prompt_by_quota on quota_prompt (quota_id, position);

create table rule_answer (
  id uuid primary key,
  quota_id uuid not null references quota (id),
  entry_id uuid not null,
  rule varchar(20) not null,
  kept boolean not null,
  unique (quota_id, entry_id, rule)
);

create table prompt_words (
  id integer primary key check (id = 1),
  document clob not null
);

create table sitting (
  id uuid primary key,
  version bigint not null,
  practice_day date not null,
  started_at timestamp(6) with time zone not null,
  begun clob not null,
  steps clob not null,
  events clob not null,
  ended_at timestamp(6) with time zone,
  entry_id uuid
);

create index sitting_by_end on sitting (ended_at);

create table sitting_settings (
  id integer primary key check (id = 1),
  break_every_minutes integer not null,
  break_minutes integer not null,
  sound boolean not null,
  flash boolean not null
);

create table reference_folder (
  id integer primary key check (id = 1),
  path varchar(1000) not null
);

create table reference_picture (
  id uuid primary key,
  path varchar(1000) not null,
  bytes bigint not null,
  changed_at bigint not null,
  width integer not null,
  height integer not null,
  broken varchar(200) not null
);
