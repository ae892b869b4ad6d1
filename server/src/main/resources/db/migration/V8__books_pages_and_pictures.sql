-- A book is a name that entries use; what the learner tells of it stands here.
create table book (
  id uuid primary key references name (id),
  version bigint not null,
  width_mm integer,
  height_mm integer,
  leaves integer,
  both_sides boolean not null,
  binding varchar(10) not null,
  grams integer,
  price numeric(10, 2),
  currency varchar(3) not null,
  paper clob not null,
  rules varchar(200) not null,
  colours varchar(1000) not null,
  goal varchar(2000) not null,
  kept_private boolean not null,
  not_shown boolean not null,
  not_judged boolean not null,
  opened date,
  closed date,
  kept_share integer,
  removed boolean not null
);

create table page (
  id uuid primary key,
  version bigint not null,
  book_id uuid not null references name (id),
  number integer not null,
  state varchar(12) not null,
  words varchar(400) not null,
  favourite boolean not null,
  kept_private boolean not null,
  constraint page_position unique (book_id, number)
);

create table page_picture (
  id uuid primary key,
  version bigint not null,
  file varchar(300) not null,
  sha256 varchar(64) not null,
  type varchar(20) not null,
  original_name varchar(255) not null,
  bytes bigint not null,
  width integer not null,
  height integer not null,
  turn integer not null,
  taken timestamp,
  added_at timestamp(6) with time zone not null,
  page_id uuid references page (id),
  beside boolean not null,
  caption varchar(400) not null,
  removed boolean not null,
  constraint picture_once unique (sha256)
);

create table grew_into (
  id uuid primary key,
  from_page uuid not null references page (id),
  into_page uuid not null references page (id),
  words varchar(400) not null
);
