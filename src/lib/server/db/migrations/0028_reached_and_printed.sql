-- How somebody is reached, for the coordinators alone: it goes with the name.
alter table person add column contact text check (char_length(contact) <= 120);
-- A label that went out on a sheet is printed as well as one of the small printer: it is marked where balls are listed.
alter table label_job add column is_on_sheet boolean not null default false;
create index label_job_by_code on label_job (group_id, code);
-- What whoever runs the machine is told of it on its pages: the nightly copy, and the last that was put back. The
-- launcher and its commands write it; the application reads it.
create table house_note (
	name text primary key check (name in ('copy', 'put-back')),
	said jsonb not null,
	at timestamptz not null default now()
);
