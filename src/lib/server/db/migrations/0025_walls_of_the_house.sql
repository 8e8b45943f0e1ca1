-- Which groups an account is in is asked past the walls by one function alone (`groups_of_account`); whoever else asks
-- sees what is of the group at hand.
alter table account_group enable row level security;
create policy of_group on account_group using (group_id = (select group_at_hand()));
