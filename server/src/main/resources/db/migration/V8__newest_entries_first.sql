-- Entries are listed newest first: a page of them is read from here, and not all of them sorted.
drop index entry_by_day;
create index entry_newest_first on entry (practice_day desc, written_at desc, id);
