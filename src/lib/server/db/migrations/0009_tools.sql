-- Tools that are there: looms, frames, hooks and what else a table works with. What a tool measures
-- stands in `facts`, by its sort; one that is gone stays known, for what was made on it.
create table tool (
	group_id uuid not null references volunteer_group (id) on delete cascade,
	id uuid not null,
	entry_id bigint not null,
	sort text not null check (sort in ('loom', 'frame', 'hook', 'sharp-scissors', 'blunt-scissors',
		'rolling-blade', 'winder', 'spindle', 'scale', 'crate')),
	name text not null check (char_length(name) between 1 and 80),
	facts jsonb not null default '{}' check (jsonb_typeof(facts) = 'object' and pg_column_size(facts) < 2000),
	count integer not null check (count between 1 and 500),
	gone_at timestamptz,
	primary key (group_id, id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade
);
-- Two tools that stand there have two names.
create unique index tool_name on tool (group_id, lower(btrim(name))) where gone_at is null;
create index tool_of_entry on tool (group_id, entry_id);
