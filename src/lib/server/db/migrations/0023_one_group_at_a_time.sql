-- Every key begins with its group, and every question names it: so a group's rows may lie in one part of a
-- table, or on one machine of many.

-- Which groups an account is in is asked before any of them is known, so that much belongs to the whole
-- house. What the account is there stays with the group.
create table account_group (
	account_id uuid not null references account (id) on delete cascade,
	group_id uuid not null references volunteer_group (id) on delete cascade,
	primary key (account_id, group_id)
);
insert into account_group (account_id, group_id) select account_id, group_id from member;
drop index member_by_account;
alter table member drop constraint member_account_id_fkey,
	add foreign key (group_id, account_id) references account_group (group_id, account_id) on delete cascade;

create or replace function groups_of_account(account uuid)
returns table (group_id uuid, name text, role text, person_id uuid, deleted_at timestamptz)
language plpgsql stable security definer set search_path = pg_catalog, public as $$
declare one record;
begin
	for one in select g.id, g.name, g.deleted_at from account_group a join volunteer_group g on g.id = a.group_id
		where a.account_id = account order by g.name, g.id
	loop
		return query select one.id, one.name, m.role, m.person_id, one.deleted_at
			from member m where m.group_id = one.id and m.account_id = account;
	end loop;
end $$;

-- What is told once a statement goes through its groups one by one. A statement of the application has one.
-- For each row that was added what belongs to it is looked up by its key: `offset 0` keeps the planner, which
-- knows the group but not yet how much there is of it, from going through all of a group for each.

create or replace function entry_has_group_and_person() returns trigger language plpgsql as $$
declare one uuid;
begin
	for one in select distinct group_id from added loop
		if not exists (select 1 from volunteer_group where id = one) then
			raise exception 'an entry is of no group' using errcode = 'foreign_key_violation';
		end if;
		if exists (select 1 from (select distinct person_id from added where group_id = one and person_id is not null) a
			where not exists (select 1 from person p where p.group_id = one and p.id = a.person_id offset 0)) then
			raise exception 'an entry is by nobody' using errcode = 'foreign_key_violation';
		end if;
	end loop;
	return null;
end $$;

create or replace function movement_has_its_mat() returns trigger language plpgsql as $$
declare one uuid;
begin
	for one in select distinct group_id from added where thing_id is not null loop
		if exists (select 1 from added a where a.group_id = one and a.thing_id is not null and not exists (
			select 1 from thing t where t.group_id = one and t.id = a.thing_id and t.sort in ('mat', 'pillow') offset 0)) then
			raise exception 'a movement has no mat and no pillow' using errcode = 'foreign_key_violation';
		end if;
	end loop;
	return null;
end $$;

create or replace function book_into_balances() returns trigger language plpgsql set enable_seqscan = off as $$
declare
	one uuid;
	line record;
begin
	for one in select distinct group_id from added loop
		if exists (select 1 from added a where a.group_id = one
				and not exists (select 1 from entry e where e.group_id = one and e.id = a.entry_id offset 0))
			or exists (select 1 from (select distinct line_id from added where group_id = one) a
				where not exists (select 1 from line l where l.group_id = one and l.id = a.line_id offset 0)) then
			raise exception 'a movement has no entry, or no line' using errcode = 'foreign_key_violation';
		end if;
		if exists (select 1 from added where group_id = one group by entry_id having sum(film_mg) <> 0) then
			raise exception 'an entry makes or loses film' using errcode = 'integrity_constraint_violation';
		end if;
		for line in
			select a.line_id, a.holder, a.thing_id, sum(a.amount) as amount,
				sum(a.film_mg) as film_mg, count(*) as movements, max(e.typed_at) as moved_at
			from added a
			cross join lateral (select typed_at from entry where group_id = one and id = a.entry_id offset 0) e
			where a.group_id = one and a.holder in ('store', 'mat')
			group by a.line_id, a.holder, a.thing_id
			order by a.line_id, a.holder, a.thing_id
		loop
			-- What waited on a device, and rows of old lists, are booked after newer ones: a line was
			-- last moved when its newest movement was.
			for attempt in 1..2 loop
				update balance b
				set amount = b.amount + line.amount, film_mg = b.film_mg + line.film_mg,
					movements = b.movements + line.movements, moved_at = greatest(b.moved_at, line.moved_at)
				where b.group_id = one and b.line_id = line.line_id and b.holder = line.holder
					and b.thing_id is not distinct from line.thing_id;
				exit when found;
				if attempt = 2 then
					raise exception 'a movement found no line to be booked in';
				end if;
				-- A line that begins here begins empty, and is then moved like any other: another may
				-- begin it at the same moment, and whoever comes second waits here and finds it.
				insert into balance (group_id, line_id, holder, thing_id, amount, film_mg, movements, moved_at)
				values (one, line.line_id, line.holder, line.thing_id, 0, 0, 0, line.moved_at)
				on conflict (group_id, line_id, holder, thing_id) do nothing;
			end loop;
		end loop;
	end loop;
	return null;
end $$;

create or replace function tally_drop_offs() returns trigger language plpgsql as $$
declare one uuid;
begin
	for one in select distinct group_id from added loop
		update place_tally t
		set bags = t.bags + a.bags, drop_offs = t.drop_offs + a.drop_offs,
			last_came = greatest(t.last_came, a.last_came)
		from (select place_id, sum(bags) as bags, count(*) as drop_offs, max(came_on) as last_came
			from added where group_id = one group by place_id) a
		where t.group_id = one and t.place_id = a.place_id;
	end loop;
	return null;
end $$;

create or replace function tally_taken_back() returns trigger language plpgsql as $$
declare one uuid;
begin
	for one in select distinct group_id from gone loop
		-- What came on the last day may be among what is taken back, so that day is looked up again.
		update place_tally t
		set bags = t.bags - g.bags, drop_offs = t.drop_offs - g.drop_offs,
			last_came = (select d.came_on from standing_drop_off d
				where d.group_id = one and d.place_id = t.place_id
				order by d.came_on desc, d.id desc limit 1)
		from (select d.place_id, sum(d.bags) as bags, count(*) as drop_offs
			from gone cross join lateral (select place_id, bags from drop_off
				where group_id = one and entry_id = gone.entry_id offset 0) d
			where gone.group_id = one group by d.place_id) g
		where t.group_id = one and t.place_id = g.place_id;
		update place_tally t
		set sorted = t.sorted - g.sorted, rejected = t.rejected - g.rejected
		from (select s.place_id, sum(s.strand + s.stuffing + s.rejected) as sorted,
				sum(s.stuffing + s.rejected) as rejected
			from gone cross join lateral (select place_id, strand, stuffing, rejected from sorting
				where group_id = one and entry_id = gone.entry_id offset 0) s
			where gone.group_id = one group by s.place_id) g
		where t.group_id = one and t.place_id = g.place_id;
		update drying d
		set hanging = d.hanging + g.bags
		from (select s.dried_from, sum(s.strand + s.stuffing + s.drying + s.rejected) as bags
			from gone cross join lateral (select dried_from, strand, stuffing, drying, rejected from sorting
				where group_id = one and entry_id = gone.entry_id and dried_from is not null offset 0) s
			where gone.group_id = one group by s.dried_from) g
		where d.group_id = one and d.sorting_id = g.dried_from;
		delete from drying where group_id = one and sorting_id = any(array(
			select s.id from gone cross join lateral (select id from sorting
				where group_id = one and entry_id = gone.entry_id offset 0) s
			where gone.group_id = one));
	end loop;
	return null;
end $$;

create or replace function lying_follows_back() returns trigger language plpgsql as $$
declare
	one uuid;
	of_things bigint[];
begin
	for one in select distinct group_id from gone loop
		select array_agg(distinct e.thing_id) into of_things
		from gone cross join lateral (select thing_id from thing_event
			where group_id = one and entry_id = gone.entry_id offset 0) e where gone.group_id = one;
		if of_things is not null then
			delete from lying where group_id = one and thing_id = any(of_things);
			perform lie_down(one, of_things);
		end if;
	end loop;
	return null;
end $$;

create or replace function state_follows_back() returns trigger language plpgsql as $$
declare
	one uuid;
	of_things bigint[];
begin
	for one in select distinct group_id from gone loop
		select array_agg(distinct e.thing_id) into of_things
		from gone cross join lateral (select thing_id from thing_event
			where group_id = one and entry_id = gone.entry_id offset 0) e where gone.group_id = one;
		if of_things is not null then
			perform stand_anew(one, of_things);
		end if;
	end loop;
	return null;
end $$;

create or replace function lie_down(of_group uuid, of_things bigint[]) returns void language sql as $$
	insert into lying (group_id, thing_id, alike)
	select t.group_id, t.id, md5(concat_ws(' ', t.sort, t.content ->> 'kindId', t.content -> 'cut', t.content -> 'colours'))
	from thing t
	where t.group_id = of_group and t.id = any(of_things) and t.sort in ('ball', 'chain')
		and not exists (select 1 from taken_back b where b.group_id = of_group and b.entry_id = t.entry_id)
		and not exists (select 1 from thing_event e where e.group_id = of_group and e.thing_id = t.id
			and e.what <> 'made' and not exists (
				select 1 from taken_back b where b.group_id = of_group and b.entry_id = e.entry_id))
	on conflict do nothing
$$;

create or replace function stand_anew(of_group uuid, of_things bigint[]) returns void language plpgsql as $$
begin
	-- Of two who act on one thing at once, the second waits here and sees what the first did.
	perform 1 from thing where group_id = of_group and id = any(of_things) order by id for no key update;
	delete from thing_state where group_id = of_group and thing_id = any(of_things);
	insert into thing_state (group_id, thing_id, sort, what, entry_id, at)
	select t.group_id, t.id, t.sort, x.what, x.entry_id, x.typed_at
	from thing t
	join lateral (select v.what, v.entry_id, e.typed_at from thing_event v
		join entry e on e.group_id = of_group and e.id = v.entry_id
		where v.group_id = of_group and v.thing_id = t.id
			and not exists (select 1 from taken_back b where b.group_id = of_group and b.entry_id = v.entry_id)
		order by v.id desc limit 1) x on true
	where t.group_id = of_group and t.id = any(of_things)
		and not exists (select 1 from taken_back b where b.group_id = of_group and b.entry_id = t.entry_id);
end $$;

create or replace function child_alone(of_group uuid, of_day uuid) returns boolean language sql stable as $$
	select exists (
		select 1 from seat s join person p on p.group_id = of_group and p.id = s.person_id
		where s.group_id = of_group and s.day_id = of_day and p.is_child
			and not coalesce((select range_agg(int4range(o.from_minute, o.to_minute)) @> int4range(s.from_minute, s.to_minute)
				from seat o join person a on a.group_id = of_group and a.id = o.person_id
				where o.group_id = of_group and o.day_id = of_day and o.station = s.station and not a.is_child), false))
$$;

-- Where a table lies in parts, what refuses its emptying is said of each: it alone does not go there by itself.
create or replace function keep_appended(kept regclass) returns void language plpgsql as $$
declare one regclass;
begin
	execute format('create trigger stays before update or delete on %s
		for each row execute function refuse_change()', kept);
	for one in select kept union select relid from pg_partition_tree(kept) loop
		execute format('create trigger is_not_emptied before truncate on %s
			for each statement execute function refuse_emptying()', one);
	end loop;
end $$;
