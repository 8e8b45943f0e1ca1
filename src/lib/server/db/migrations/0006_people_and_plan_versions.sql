-- What is appended to is neither changed nor thinned nor emptied; of a table in partitions, no
-- partition is either.
create function keep_appended(kept regclass) returns void language plpgsql as $$
declare
	part regclass;
begin
	execute format('create trigger stays before update or delete on %s
		for each row execute function refuse_change()', kept);
	for part in select relid from pg_partition_tree(kept) union select kept loop
		execute format('create trigger is_not_emptied before truncate on %s
			for each statement execute function refuse_emptying()', part);
	end loop;
end $$;

-- A person's name stands here and nowhere else: what they typed, brought or made holds their id.
-- Forgetting empties the name; what was counted stays.
create table person (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null default gen_random_uuid(),
	name text check (char_length(btrim(name)) between 1 and 120),
	version integer not null default 1,
	created_at timestamptz not null default now(),
	forgotten_at timestamptz,
	primary key (group_id, id),
	check ((name is null) = (forgotten_at is not null))
);
create unique index person_by_name on person (group_id, lower(btrim(name)));

-- Names typed so far become persons, each by the spelling it was first typed in.
insert into person (group_id, name)
select distinct on (group_id, lower(btrim(name))) group_id, btrim(name)
from (
	select group_id, brought_by as name, created_at as at from drop_off
	union all select group_id, by_name, created_at from sorting
	union all select group_id, by_name, moved_at from movement
	union all select group_id, by_name, taken_at from taken_back
	union all select group_id, maker, created_at from measurement
	union all select group_id, maker, created_at from timed_work
) named
where btrim(name) <> ''
order by group_id, lower(btrim(name)), at;

-- A place gives bags, or receives mats, or both.
alter table place
	add column gives_bags boolean not null default true,
	add column receives_mats boolean not null default false,
	add column version integer not null default 1,
	add check (gives_bags or receives_mats);

-- Every version of a kept plan, as it was kept. What refers to one keeps it, whatever becomes of the
-- plan; the database itself appends it, so that no way of keeping a plan can forget to.
create table plan_version (
	group_id uuid not null,
	plan_id uuid not null,
	version integer not null,
	name text not null,
	document jsonb not null,
	figures jsonb not null,
	kept_at timestamptz not null default now(),
	primary key (group_id, plan_id, version),
	foreign key (group_id, plan_id) references plan (group_id, id) on delete cascade
);
insert into plan_version (group_id, plan_id, version, name, document, figures, kept_at)
select group_id, id, version, name, document, figures, updated_at from plan;

create function append_plan_version() returns trigger language plpgsql as $$
begin
	insert into plan_version (group_id, plan_id, version, name, document, figures)
	values (new.group_id, new.id, new.version, new.name, new.document, new.figures);
	return null;
end $$;
create trigger append_first_version after insert on plan
	for each row execute function append_plan_version();
create trigger append_next_version after update of version on plan
	for each row when (new.version <> old.version) execute function append_plan_version();

create function refuse_change_under_version() returns trigger language plpgsql as $$
begin
	raise exception 'what a version of a plan says is never changed under it' using errcode = 'integrity_constraint_violation';
end $$;
create trigger plan_changes_by_versions before update on plan for each row
	when (new.version = old.version and
		(new.name, new.document, new.figures) is distinct from (old.name, old.document, old.figures))
	execute function refuse_change_under_version();
select keep_appended('plan_version');

-- A measure rests on the version of the plan that it was held against.
alter table measurement
	add column plan_id uuid,
	add column plan_version integer,
	add foreign key (group_id, plan_id, plan_version)
		references plan_version (group_id, plan_id, version);
update measurement m
set plan_id = p.id, plan_version = p.version, typed = m.typed - 'planId'
from plan p where p.group_id = m.group_id and p.id::text = m.typed ->> 'planId';
