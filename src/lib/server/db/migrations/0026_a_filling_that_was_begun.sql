-- The demo world is filled in many writes. That it was begun is known from the first, so that a filling which was cut
-- off is begun anew, and a group that was never to have it is never emptied.
alter table volunteer_group add column demo_world_begun boolean not null default false;
update volunteer_group set demo_world_begun = true where has_demo_world;
