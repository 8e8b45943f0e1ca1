-- The groups that share one database. Every other table carries group_id, so that groups can be
-- spread over servers later.
create table volunteer_group (
	id uuid primary key,
	name text not null check (char_length(btrim(name)) between 1 and 120),
	length_system text not null default 'cm' check (length_system in ('cm', 'ft')),
	stitch_terms text not null default 'us' check (stitch_terms in ('us', 'uk')),
	has_demo_world boolean not null default false,
	created_at timestamptz not null default now()
);

-- The one local group, until signing in decides which group a request belongs to.
insert into volunteer_group (id, name)
values ('00000000-0000-4000-8000-000000000001', 'Our mat table');

-- A kept plan: its document as in a plan file, and the figures it had when it was kept.
create table plan (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null default gen_random_uuid(),
	name text not null check (char_length(btrim(name)) between 1 and 120),
	document jsonb not null
		check (jsonb_typeof(document) = 'object' and pg_column_size(document) < 100000),
	figures jsonb not null check (jsonb_typeof(figures) = 'object'),
	version integer not null default 1 check (version >= 1),
	-- Keys made on the device: a resend after a lost answer is known by its key and counts once.
	created_key uuid not null,
	last_key uuid not null,
	created_at timestamptz not null default now(),
	updated_at timestamptz not null default now(),
	deleted_at timestamptz,
	primary key (group_id, id),
	unique (group_id, created_key)
);

create index plan_by_recent on plan (group_id, updated_at desc, id) where deleted_at is null;
