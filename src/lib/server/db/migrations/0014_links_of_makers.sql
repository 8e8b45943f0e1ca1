-- A link opens one plan to read, or one mat to count.
alter table link drop constraint link_grants_check;
alter table link add constraint link_grants_check check (grants in ('read-plan', 'make'));
alter table link alter column plan_id drop not null, alter column plan_version drop not null,
	add column thing_id bigint,
	add foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade,
	add check ((grants = 'read-plan') = (plan_id is not null and plan_version is not null)),
	add check ((grants = 'make') = (thing_id is not null));
create index link_of_thing on link (group_id, thing_id) where thing_id is not null;

-- What came of a mat beside its rows: balls given, notes and wishes, and what was measured on it.
drop index entry_issue_for_mat;
create index entry_of_mat on entry (group_id, (typed ->> 'mat'), id)
	where type in ('issue', 'note', 'wish', 'hand-on', 'mat-size', 'weighed', 'stripes', 'first-pass', 'remind');

-- Messages to people: they lie here to be read, and nothing leaves the machine.
create table message (
	group_id uuid not null,
	entry_id bigint not null,
	thing_id bigint not null,
	person_id uuid not null,
	words text not null check (char_length(words) between 1 and 600),
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade,
	foreign key (group_id, person_id) references person (group_id, id)
);
create index message_of_thing on message (group_id, thing_id, entry_id);
select keep_appended('message');

-- What was measured on a mat, in the units of the book: sizes at a row, and strand left by weight.
create table mat_measure (
	group_id uuid not null,
	entry_id bigint not null,
	thing_id bigint not null,
	read jsonb not null check (jsonb_typeof(read) = 'object' and pg_column_size(read) < 2000),
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade,
	foreign key (group_id, thing_id) references thing (group_id, id) on delete cascade
);
select keep_appended('mat_measure');
