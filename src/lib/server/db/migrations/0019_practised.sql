-- Answers to questions of the know-how that somebody keeps under their name. They are theirs: they go when the name goes.
create table practised (
	group_id uuid not null,
	entry_id bigint not null,
	person_id uuid not null,
	kind text not null check (kind in ('slit', 'over-under', 'wrong-row', 'crossings', 'hook', 'ball-end', 'trim',
		'snug', 'seat', 'fault')),
	seed integer not null check (seed between 0 and 1000000000),
	is_right boolean not null,
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, person_id) references person (group_id, id) on delete cascade
);
create index practised_of_person on practised (group_id, person_id);
