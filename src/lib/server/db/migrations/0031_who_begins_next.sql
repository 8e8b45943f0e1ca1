-- Who takes up yarn next, in their order, and who helps at the table instead; both of nobody where nothing was decided.
alter table person
	add column begins_at integer,
	add column begins_later boolean not null default false;

-- The plan that the next mats follow, where one was chosen.
alter table plan add column is_next boolean not null default false;
create unique index plan_is_next on plan (group_id) where is_next;
