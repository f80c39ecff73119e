-- Where a pot stands, in the words of the team.
alter table shelf_pot add column place varchar(60) default '' not null;

-- What the rules thought of a job, beside what it is planned with and what it took.
alter table season_job add column minutes_ruled int default 0 not null;
update season_job set minutes_ruled = minutes;
