-- A name can be given 200 characters; what refers to it took 120, so that an entry with a longer one was refused.
alter table entry alter column topic set data type varchar(200);
alter table entry alter column source set data type varchar(200);
alter table entry alter column medium set data type varchar(200);
alter table entry alter column book set data type varchar(200);
