-- What stands of each: without what was taken back. They see what whoever asks sees.
create view standing_entry with (security_invoker = true) as
select e.* from entry e where not exists (
	select 1 from taken_back b where b.group_id = e.group_id and b.entry_id = e.id);
create view standing_row_mark with (security_invoker = true) as
select m.* from row_mark m where not exists (
	select 1 from taken_back b where b.group_id = m.group_id and b.entry_id = m.entry_id);
create view standing_hand_on with (security_invoker = true) as
select h.* from hand_on h where not exists (
	select 1 from taken_back b where b.group_id = h.group_id and b.entry_id = h.entry_id);
create view standing_thing with (security_invoker = true) as
select t.* from thing t where not exists (
	select 1 from taken_back b where b.group_id = t.group_id and b.entry_id = t.entry_id);
create view standing_thing_event with (security_invoker = true) as
select v.* from thing_event v where not exists (
	select 1 from taken_back b where b.group_id = v.group_id and b.entry_id = v.entry_id);
create view standing_message with (security_invoker = true) as
select m.* from message m where not exists (
	select 1 from taken_back b where b.group_id = m.group_id and b.entry_id = m.entry_id);
create view standing_practised with (security_invoker = true) as
select p.* from practised p where not exists (
	select 1 from taken_back b where b.group_id = p.group_id and b.entry_id = p.entry_id);
create view standing_season_forecast with (security_invoker = true) as
select f.* from season_forecast f where not exists (
	select 1 from taken_back b where b.group_id = f.group_id and b.entry_id = f.entry_id);
