-- A part of a picture is a picture of its own that shows the same file; the file stands with the whole one.
alter table page_picture alter column sha256 drop not null;
alter table page_picture add column part_of uuid references page_picture (id);
alter table page_picture add column straight varchar(2000) not null default '';

-- Whether an entry kept a rule is told of the entry, whoever asks. Of two answers the sterner stays.
create table rule_told (
  id uuid primary key,
  entry_id uuid not null,
  rule varchar(20) not null,
  kept boolean not null,
  constraint rule_told_once unique (entry_id, rule)
);

insert into rule_told (id, entry_id, rule, kept)
select min(id), entry_id, rule, min(kept) from rule_answer group by entry_id, rule;

drop table rule_answer;
alter table rule_told rename to rule_answer;

-- The folder in which pictures of pages arrive, and what was seen in it.
create table inbox (
  id integer primary key check (id = 1),
  path varchar(1000) not null
);

create table inbox_file (
  path varchar(1000) primary key,
  bytes bigint not null,
  changed_at bigint not null,
  refused varchar(400) not null
);

-- Staged pieces, what was drawn for their stages, and templates.
create table piece (
  id uuid primary key,
  version bigint not null,
  begun_at timestamp(6) with time zone not null,
  ended boolean not null,
  removed boolean not null,
  document clob not null
);

create table piece_entry (
  entry_id uuid primary key,
  piece_id uuid not null references piece (id),
  stage_id uuid not null
);

create table piece_template (
  id uuid primary key,
  document clob not null
);

-- The drawing that a prompt was worked on further in.
create table prompt_page (
  prompt_id uuid primary key references quota_prompt (id) on delete cascade,
  page_id uuid not null references page (id)
);
