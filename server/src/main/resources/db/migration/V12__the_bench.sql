-- Attempts held beside their references; templates of the learner's own; tendencies taken as an aim; words of notes
-- that were read as an error and are none.
create table comparison (
  id uuid primary key,
  version bigint not null,
  practice_day date not null,
  made_at timestamp(6) with time zone not null,
  removed boolean not null,
  document clob not null
);

create table bench_template (
  id uuid primary key,
  document clob not null
);

create table bench_aim (
  id uuid primary key,
  template varchar(120) not null,
  quantity varchar(30) not null,
  part varchar(120) not null,
  taken_on date not null,
  ended_on date
);

create table misread_word (
  entry_id uuid not null,
  part varchar(200) not null,
  along varchar(20) not null,
  primary key (entry_id, part, along)
);

-- Pictures that a camera tells to turn were measured as they lie: all are looked at once more.
update reference_picture set bytes = -1;
