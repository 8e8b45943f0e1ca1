-- Whoever asks sees the rows of one group: the one that the transaction says it works for. Beside the
-- group_id in every query, so that either alone would keep a neighbour out. The owner of the tables,
-- who migrates and copies, sees all; the application signs in as another who cannot pass this by.
create function group_at_hand() returns uuid language sql stable as $$
	select nullif(current_setting('nest_row.group_id', true), '')::uuid
$$;

do $$
declare one record;
begin
	for one in select c.relname from pg_class c join pg_attribute a on a.attrelid = c.oid
		where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p') and a.attname = 'group_id'
	loop
		execute format('alter table %I enable row level security', one.relname);
		-- Asked once a statement, not once a row.
		execute format('create policy of_group on %I using (group_id = (select group_at_hand()))', one.relname);
	end loop;
	-- A view asks as who asks it, not as who made it.
	for one in select c.relname from pg_class c
		where c.relnamespace = 'public'::regnamespace and c.relkind = 'v'
	loop
		execute format('alter view %I set (security_invoker = true)', one.relname);
	end loop;
end $$;
alter table volunteer_group enable row level security;
create policy of_group on volunteer_group using (id = (select group_at_hand()));
