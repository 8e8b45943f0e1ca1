-- When a table day runs, by the hall's clock, its breaks, what is aimed at, and how bags are cut there.
alter table table_day
	add column from_minute integer not null default 1080 check (from_minute between 0 and 1440),
	add column to_minute integer not null default 1230 check (to_minute between 0 and 1440),
	-- When breaks begin, by the hall's clock.
	add column breaks integer[] not null default '{1125, 1175}'
		check (array_length(breaks, 1) is null or (array_length(breaks, 1) <= 6 and 0 <= all (breaks) and 1440 >= all (breaks))),
	add column pause_minutes integer not null default 5 check (pause_minutes between 1 and 60),
	add column plan_id uuid,
	add column balls_wanted integer check (balls_wanted between 1 and 10000),
	add column also text check (char_length(btrim(also)) between 1 and 200),
	add column cut_with text not null default 'scissors' check (cut_with in ('scissors', 'rolling-blade')),
	-- What the days' plan said before it was opened, and what it came to: figures by their names.
	add column opened_at timestamptz,
	add column closed_at timestamptz,
	add column foreseen jsonb check (jsonb_typeof(foreseen) = 'object'),
	add constraint table_day_has_time check (from_minute + 20 <= to_minute),
	add constraint table_day_opened_first check (closed_at is null or opened_at is not null),
	add constraint table_day_of_plan foreign key (group_id, plan_id) references plan (group_id, id);

-- Whether somebody who could come did; not known before the day is closed.
alter table day_person add column came boolean;

-- A child has an adult beside them at the same station, all the while. Looked at when a change is
-- whole, because seats are changed together; whoever changes seats of a day holds its row.
create function child_alone(of_group uuid, of_day uuid) returns boolean language sql stable as $$
	select exists (
		select 1 from seat s join person p on p.group_id = s.group_id and p.id = s.person_id
		where s.group_id = of_group and s.day_id = of_day and p.is_child
			and not coalesce((select range_agg(int4range(o.from_minute, o.to_minute)) @> int4range(s.from_minute, s.to_minute)
				from seat o join person a on a.group_id = o.group_id and a.id = o.person_id
				where o.group_id = s.group_id and o.day_id = s.day_id and o.station = s.station and not a.is_child), false))
$$;
create function child_has_company() returns trigger language plpgsql as $$
declare
	days uuid[];
begin
	if tg_table_name = 'person' then
		select coalesce(array_agg(distinct s.day_id), '{}') into days from seat s
			where s.group_id = new.group_id and s.person_id = new.id;
	elsif tg_op = 'DELETE' then
		days := array[old.day_id];
	else
		days := array[new.day_id];
	end if;
	if exists (select 1 from unnest(days) d where child_alone(case when tg_op = 'DELETE' then old.group_id else new.group_id end, d)) then
		raise exception 'a child sits alone' using errcode = 'check_violation', constraint = 'child_has_company';
	end if;
	return null;
end $$;
create constraint trigger child_has_company after insert or update or delete on seat
	deferrable initially deferred for each row execute function child_has_company();
create constraint trigger child_has_company after update of is_child on person
	deferrable initially deferred for each row execute function child_has_company();

-- What was tapped at the stations of a day.
create index entry_tap_of_day on entry (group_id, (typed ->> 'day')) where type = 'tap';
