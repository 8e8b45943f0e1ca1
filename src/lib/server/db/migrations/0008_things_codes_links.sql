-- How many codes of the group are given out; a code is never used twice.
alter table volunteer_group add column codes_reserved integer not null default 0
	check (codes_reserved between 0 and 923521);

-- Codes reserved ahead for blank labels: a device takes from its own block, with or without network.
create table code_block (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	key uuid not null,
	first_serial integer not null check (first_serial >= 0),
	codes integer not null check (codes between 1 and 1000),
	device uuid,
	reserved_at timestamptz not null default now(),
	primary key (group_id, id),
	unique (group_id, key),
	unique (group_id, first_serial)
);
select keep_appended('code_block');

-- A thing with a label: what it is, of which version of a plan, and what is in it. Its state follows
-- from what happened to it.
create table thing (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id bigint generated always as identity,
	code text not null check (code ~ '^[2-9A-HJKMNP-Z]{5}$'),
	sort text not null check (sort in ('batch', 'ball', 'chain', 'warp', 'mat', 'pillow', 'crate', 'delivery')),
	entry_id bigint not null,
	plan_id uuid,
	plan_version integer,
	content jsonb not null default '{}' check (jsonb_typeof(content) = 'object'),
	primary key (group_id, id),
	unique (group_id, code),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, plan_id, plan_version) references plan_version (group_id, plan_id, version)
);
create index thing_of_entry on thing (group_id, entry_id);
create index thing_of_plan on thing (group_id, plan_id) where plan_id is not null;
create table thing_event (
	group_id uuid not null,
	id bigint generated always as identity,
	entry_id bigint not null,
	thing_id bigint not null,
	what text not null check (what in ('made', 'begun', 'finished', 'taken-apart', 'given', 'lost')),
	mass_g double precision check (mass_g > 0),
	primary key (group_id, id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade
);
create index thing_event_of_thing on thing_event (group_id, thing_id, id);
create index thing_event_of_entry on thing_event (group_id, entry_id);
select keep_appended('thing');
select keep_appended('thing_event');
create function movement_has_its_mat() returns trigger language plpgsql as $$
begin
	if exists (select 1 from added a left join thing t on t.group_id = a.group_id and t.id = a.thing_id
		where a.thing_id is not null and t.sort is distinct from 'mat') then
		raise exception 'a movement has no mat' using errcode = 'foreign_key_violation';
	end if;
	return null;
end $$;
create trigger movement_has_its_mat after insert on movement
	referencing new table as added for each statement execute function movement_has_its_mat();

-- A link that carries a right: only a digest of its secret is kept.
create table link (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null,
	digest text not null,
	grants text not null check (grants in ('read-plan')),
	plan_id uuid not null,
	plan_version integer not null,
	made_at timestamptz not null default now(),
	expires_at timestamptz,
	last_used_at timestamptz,
	revoked_at timestamptz,
	primary key (group_id, id),
	unique (group_id, digest),
	foreign key (group_id, plan_id, plan_version) references plan_version (group_id, plan_id, version)
);
alter table entry add column link_id uuid,
	add foreign key (group_id, link_id) references link (group_id, id);
