-- What was foretold of a season, as it stood when it was kept: later one sees how it did.
create table season_forecast (
	group_id uuid not null,
	entry_id bigint not null,
	by_day date not null,
	wanted integer not null check (wanted between 0 and 100000),
	-- Mats handed over and ready when it was kept.
	there integer not null check (there between 0 and 100000),
	low integer not null check (low between 0 and 100000),
	expected double precision not null check (expected between 0 and 100000),
	high integer not null check (high between 0 and 100000),
	chance double precision not null check (chance between 0 and 1),
	primary key (group_id, entry_id),
	foreign key (group_id, entry_id) references entry (group_id, id) on delete cascade
);
select keep_appended('season_forecast');

-- Words to people that are of no single mat: what the week brings, and a day they said they come to.
alter table message alter column thing_id drop not null;
alter table message add column day_id uuid;
alter table message add foreign key (group_id, day_id) references table_day (group_id, id) on delete cascade;
alter table message drop constraint message_pkey;
alter table message add primary key (group_id, entry_id, person_id);
alter table message drop constraint message_words_check;
alter table message add constraint message_words_check check (char_length(words) between 1 and 2000);
create index message_of_day on message (group_id, day_id, person_id);
