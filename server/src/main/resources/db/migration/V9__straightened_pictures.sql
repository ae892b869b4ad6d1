-- A part of a picture is a picture of its own that shows the same file; the file stands with the whole one.
alter table page_picture alter column sha256 drop not null;
alter table page_picture add column part_of uuid references page_picture (id);
alter table page_picture add column straight varchar(2000) not null default '';
