-- Entries of an exercise in a course are counted in memory; each entry and each copy paid for this index all the same.
drop index entry_by_exercise;
