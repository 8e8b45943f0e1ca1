-- The rule a table meets by, and what each of its days begins with. A group that meets on the days it types alone says so
-- by a rhythm without a rule.
create table rhythm (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	version integer not null default 1,
	-- As calendars write it (RFC 5545, 3.3.10).
	rule text check (char_length(rule) between 10 and 120),
	starts_on date not null,
	ends_on date check (ends_on >= starts_on),
	place text not null check (char_length(btrim(place)) between 1 and 120),
	from_minute integer not null check (from_minute between 0 and 1440),
	to_minute integer not null check (to_minute between 0 and 1440),
	breaks integer[] not null
		check (array_length(breaks, 1) is null or (array_length(breaks, 1) <= 6 and 0 <= all (breaks) and 1440 >= all (breaks))),
	pause_minutes integer not null check (pause_minutes between 1 and 60),
	plan_id uuid,
	balls_wanted integer check (balls_wanted between 1 and 10000),
	primary key (group_id),
	check (from_minute + 20 <= to_minute),
	foreign key (group_id, plan_id) references plan (group_id, id)
);

-- The hall is shut from a day to another.
create table hall_shut (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null,
	from_day date not null,
	to_day date not null,
	made_at timestamptz not null default now(),
	primary key (group_id, id),
	check (to_day between from_day and from_day + 400)
);

-- Somebody is away from a day to another: not seated, not counted, and their mat rests.
create table away (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null,
	person_id uuid not null,
	from_day date not null,
	to_day date not null,
	made_at timestamptz not null default now(),
	primary key (group_id, id),
	foreign key (group_id, person_id) references person (group_id, id) on delete cascade,
	check (to_day between from_day and from_day + 800)
);
create index away_of_person on away (group_id, person_id);

-- What a group counts on beside what is there: kept from trying it, until somebody drops it.
create table counted_on (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null,
	what text not null,
	made_at timestamptz not null default now(),
	primary key (group_id, id),
	check (what in ('two-makers', 'bags-300'))
);

-- A season as it was on a day, and what was forecast then: what changed since is told by it, and how right it was.
create table season_look (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	day date not null,
	basis jsonb not null check (jsonb_typeof(basis) = 'object'),
	said jsonb not null check (jsonb_typeof(said) = 'array'),
	primary key (group_id, day)
);

alter table table_day
	-- The day of the rule that it stands for, and whether it was set otherwise than the rule has it.
	add column of_rule date,
	add column is_own boolean not null default false,
	-- It is called off because the hall is shut: it meets again when that is taken back.
	add column shut_id uuid,
	add foreign key (group_id, shut_id) references hall_shut (group_id, id);
create unique index table_day_of_rule on table_day (group_id, of_rule) where of_rule is not null;

alter table person
	add column is_teen boolean not null default false,
	-- Comes to every day of the rhythm, or to those that are ticked.
	add column comes_always boolean not null default false,
	add constraint person_one_age check (not (is_child and is_teen));
alter table person drop constraint person_needs_check;
alter table person add constraint person_needs_check
	check (needs <@ array['sitting', 'one-hand', 'low-sight', 'short-spells', 'company']);
-- Sharp scissors for teenagers with an adult at the station: only where the group allows it.
alter table volunteer_group add column teens_cut_sharp boolean not null default false;

-- Who can come to a day: without those who are away, unless they came all the same.
create function comes_to_day(of_group uuid)
	returns table (group_id uuid, day_id uuid, person_id uuid, came boolean) language sql stable as $$
	select d.group_id, d.day_id, d.person_id, d.came from day_person d join table_day t on t.group_id = of_group and t.id = d.day_id
	where d.group_id = of_group and not exists (select 1 from away a where a.group_id = of_group
		and a.person_id = d.person_id and d.came is not true and t.day between a.from_day and a.to_day)
$$;

do $$
declare one text;
begin
	foreach one in array array['rhythm', 'hall_shut', 'away', 'counted_on', 'season_look'] loop
		execute format('alter table %I enable row level security', one);
		execute format('create policy of_group on %I using (group_id = (select group_at_hand()))', one);
	end loop;
end $$;

-- A child gets blunt scissors at most. A teenager never gets a blade; sharp scissors where the group allows it.
create or replace function child_at_blade() returns trigger language plpgsql as $$
declare
	are_sharp boolean;
begin
	select g.teens_cut_sharp into are_sharp from volunteer_group g
		where g.id = case when tg_table_name = 'volunteer_group' then (to_jsonb(new) ->> 'id')::uuid
			else (to_jsonb(new) ->> 'group_id')::uuid end;
	if tg_table_name = 'volunteer_group' then
		if not are_sharp and exists (select 1 from seat s join person p on p.group_id = new.id and p.id = s.person_id
			join tool t on t.group_id = new.id and t.id = s.tool_id join table_day d on d.group_id = new.id and d.id = s.day_id
			where s.group_id = new.id and p.is_teen and t.sort = 'sharp-scissors' and d.closed_at is null and d.called_off_at is null
				and d.day >= current_date) then
			raise exception 'a teenager sits with that tool' using errcode = 'check_violation', constraint = 'child_at_blade';
		end if;
		return null;
	end if;
	if tg_table_name = 'tool' then
		perform 1 from person p where p.group_id = new.group_id and p.id in (
			select s.person_id from seat s where s.group_id = new.group_id and s.tool_id = new.id)
			order by p.id for update;
		if exists (
			select 1 from seat s join person p on p.group_id = new.group_id and p.id = s.person_id
			where s.group_id = new.group_id and s.tool_id = new.id
				and ((p.is_child and new.sort in ('sharp-scissors', 'rolling-blade'))
					or (p.is_teen and (new.sort = 'rolling-blade' or (new.sort = 'sharp-scissors' and not are_sharp))))) then
			raise exception 'a child sits with that tool' using errcode = 'check_violation', constraint = 'child_at_blade';
		end if;
		return null;
	end if;
	if tg_table_name = 'person' then
		if not (new.is_child or new.is_teen) then return null; end if;
		if exists (select 1 from person_seat s where s.group_id = new.group_id and s.person_id = new.id
				and (s.seat = 'cut-blade' or (s.seat = 'cut-sharp' and (new.is_child or not are_sharp))))
			or exists (select 1 from seat s left join tool t on t.group_id = new.group_id and t.id = s.tool_id
				where s.group_id = new.group_id and s.person_id = new.id and s.station = 'cut'
				and t.sort is distinct from 'blunt-scissors'
				and not (new.is_teen and are_sharp and t.sort is not distinct from 'sharp-scissors'))
			or exists (select 1 from seat s join tool t on t.group_id = new.group_id and t.id = s.tool_id
				where s.group_id = new.group_id and s.person_id = new.id
				and (t.sort = 'rolling-blade' or (t.sort = 'sharp-scissors' and (new.is_child or not are_sharp)))) then
			raise exception 'a child sits at a blade' using errcode = 'check_violation', constraint = 'child_at_blade';
		end if;
		return null;
	end if;
	perform 1 from person p where p.group_id = new.group_id and p.id = new.person_id for update;
	if tg_table_name = 'person_seat' then
		if new.seat in ('cut-sharp', 'cut-blade') and exists (
			select 1 from person p where p.group_id = new.group_id and p.id = new.person_id
				and (p.is_child or (p.is_teen and (new.seat = 'cut-blade' or not are_sharp)))) then
			raise exception 'a child sits at a blade' using errcode = 'check_violation', constraint = 'child_at_blade';
		end if;
		return null;
	end if;
	-- The tool's row is held, too: its sort does not change between this look and the end.
	perform 1 from tool t where t.group_id = new.group_id and t.id = new.tool_id for share;
	if exists (select 1 from person p left join tool t on t.group_id = new.group_id and t.id = new.tool_id
		where p.group_id = new.group_id and p.id = new.person_id and (p.is_child or p.is_teen)
		and not (p.is_teen and are_sharp and t.sort is not distinct from 'sharp-scissors')
		and (t.sort in ('sharp-scissors', 'rolling-blade')
			or (new.station = 'cut' and t.sort is distinct from 'blunt-scissors'))) then
		raise exception 'a child sits at a blade' using errcode = 'check_violation', constraint = 'child_at_blade';
	end if;
	return null;
end $$;
drop trigger child_at_blade on person;
create trigger child_at_blade after update of is_child, is_teen on person
	for each row execute function child_at_blade();
create trigger child_at_blade after update of teens_cut_sharp on volunteer_group
	for each row execute function child_at_blade();

-- A child has an adult beside them all the while, and so has a teenager with sharp scissors: a teenager is no adult.
create or replace function child_alone(of_group uuid, of_day uuid) returns boolean language sql stable as $$
	select exists (
		select 1 from seat s join person p on p.group_id = of_group and p.id = s.person_id
		left join tool t on t.group_id = of_group and t.id = s.tool_id
		where s.group_id = of_group and s.day_id = of_day and (p.is_child or (p.is_teen and t.sort = 'sharp-scissors'))
			and not coalesce((select range_agg(int4range(o.from_minute, o.to_minute)) @> int4range(s.from_minute, s.to_minute)
				from seat o join person a on a.group_id = of_group and a.id = o.person_id
				where o.group_id = of_group and o.day_id = of_day and o.station = s.station
					and not a.is_child and not a.is_teen), false))
$$;
drop trigger child_has_company on person;
create constraint trigger child_has_company after update of is_child, is_teen on person
	deferrable initially deferred for each row execute function child_has_company();
