create table name (
  id uuid primary key,
  version bigint not null,
  kind varchar(10) not null,
  text varchar(200) not null,
  spellings clob not null,
  properties varchar(200) not null,
  means uuid references name (id)
);

create table name_change (
  id uuid primary key,
  name_id uuid not null,
  made_at timestamp(6) with time zone not null,
  before clob,
  after clob,
  undone_at timestamp(6) with time zone
);

alter table entry add column topic_id uuid references name (id);
alter table entry add column source_id uuid references name (id);
alter table entry add column medium_id uuid references name (id);
alter table entry add column resource_id uuid references name (id);
alter table entry add column book_id uuid references name (id);

alter table entry alter column poses varchar(1200);

alter table appointment add column resource varchar(200);
alter table appointment add column resource_id uuid references name (id);
