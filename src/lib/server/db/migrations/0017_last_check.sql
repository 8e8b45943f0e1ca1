-- The check that stands last of each mat: its size, its weight and the call are as that found them.
create view last_check as
	select c.* from standing_check c where not exists (
		select 1 from standing_check later where later.group_id = c.group_id and later.thing_id = c.thing_id
			and later.entry_id > c.entry_id);
