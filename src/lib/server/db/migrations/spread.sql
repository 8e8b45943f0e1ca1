-- Every table of groups laid in sixteen parts by its group, so that a question of one group touches one part
-- of each. Not one of the numbered: a house of few groups does without. Where it was done once, the launcher
-- does it again after later migrations, for what they added. Tables keep their names, keys and triggers.
-- The parts lie in sixteen schemas of their own, which the application may not enter: it reaches them through
-- their table, where the rows of one group are all it sees. Each part is called as its table is, because that
-- is the name a row's trigger is told.
do $$
declare
	one record;
	said text;
	keys text[] := '{}';
	laws text[] := '{}';
	is_known boolean := false;
	views text[] := '{}';
	gone text := '';
begin
	create temporary table laid on commit drop as
		select c.oid, c.relname::text as name
		from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'group_id' and not a.attisdropped
		where c.relnamespace = 'public'::regnamespace and c.relkind = 'r'
			-- Asked before a group is known, by an account: it belongs to the whole house.
			and c.relname <> 'account_group';
	if not exists (select from laid) then return; end if;
	create schema spread_from;
	for part in 0..15 loop
		execute format('create schema if not exists %I', 'spread_' || part);
	end loop;

	-- What stands on the tables is written down before they are laid anew.
	for one in select c.oid, c.relname, pg_get_viewdef(c.oid) as body from pg_class c
		where c.relnamespace = 'public'::regnamespace and c.relkind = 'v' order by c.oid
	loop
		views := views || format('create view %I with (security_invoker = true) as %s', one.relname, one.body);
		gone := format('drop view %I;', one.relname) || gone;
	end loop;
	execute gone;
	for one in
		select format('alter table %I add constraint %I %s', l.name, k.conname, pg_get_constraintdef(k.oid)) as law
		from pg_constraint k join laid l on l.oid = k.conrelid where k.contype in ('p', 'u')
	loop
		keys := keys || one.law;
	end loop;
	for one in
		select k.conrelid::regclass as of_table, k.conname, pg_get_constraintdef(k.oid) as law
		from pg_constraint k where k.contype = 'f' and k.conparentid = 0
			and (k.conrelid in (select oid from laid) or k.confrelid in (select oid from laid))
	loop
		keys := keys || format('alter table %s add constraint %I %s', one.of_table, one.conname, one.law);
		execute format('alter table %s drop constraint %I', one.of_table, one.conname);
	end loop;
	for one in
		select 0 as step, pg_get_indexdef(i.indexrelid) as law from pg_index i join laid l on l.oid = i.indrelid
		where not exists (select from pg_constraint k where k.conindid = i.indexrelid and k.contype in ('p', 'u'))
		union all
		select 1, pg_get_triggerdef(t.oid) from pg_trigger t join laid l on l.oid = t.tgrelid where not t.tgisinternal
		union all
		select 2, format('alter table %I enable row level security', l.name) from laid l
		union all
		select 3, format('create policy of_group on %I using (group_id = (select group_at_hand()))', l.name) from laid l
		order by 1
	loop
		laws := laws || one.law;
	end loop;

	for one in select * from laid order by name loop
		execute format('alter table public.%I set schema spread_from', one.name);
		execute format('create table public.%I (like spread_from.%I including all excluding indexes) partition by hash (group_id)', one.name, one.name);
		for part in 0..15 loop
			execute format('create table %I.%I partition of public.%I for values with (modulus 16, remainder %s)',
				'spread_' || part, one.name, one.name, part);
		end loop;
	end loop;
	-- These rows have stood under these very keys. A superuser may have that believed; for anyone else each key that
	-- points elsewhere is gone through once more, in every part, which takes most of the time.
	begin
		perform set_config('session_replication_role', 'replica', true);
		is_known := true;
	exception when insufficient_privilege then null;
	end;
	perform set_config('maintenance_work_mem', '256MB', true);
	if is_known then
		foreach said in array keys loop execute said; end loop;
	end if;
	for one in select * from laid order by name loop
		execute format('insert into public.%I overriding system value select * from spread_from.%I', one.name, one.name);
		for said in select a.attname from pg_attribute a where a.attrelid = one.oid and a.attidentity <> '' loop
			execute format('select setval(pg_get_serial_sequence(%L, %L), last_value, is_called) from %s',
				'public.' || one.name, said, pg_get_serial_sequence('spread_from.' || one.name, said));
		end loop;
		execute format('drop table spread_from.%I', one.name);
	end loop;
	drop schema spread_from;
	if not is_known then
		foreach said in array keys loop execute said; end loop;
	end if;
	-- Triggers only once the rows are there.
	foreach said in array laws || views loop
		execute said;
	end loop;
	-- What refuses the change of a row goes to every part by itself; what refuses emptying is said of each.
	for one in select t.tgname, p.relid from laid l
		join pg_trigger t on t.tgrelid = to_regclass(quote_ident(l.name)) and t.tgfoid = 'refuse_emptying'::regproc
		cross join lateral pg_partition_tree(t.tgrelid) p where p.isleaf
	loop
		execute format('create trigger %I before truncate on %s for each statement execute function refuse_emptying()', one.tgname, one.relid);
	end loop;
end $$;
