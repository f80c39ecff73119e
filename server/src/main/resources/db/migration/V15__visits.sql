-- a site is visited on some weekdays of every so many weeks, from a day on, while it is open
alter table site add column visit_every int default 1 not null;
alter table site add column visit_from date default date '2024-01-01' not null;
create table site_visit_day (
  site_id uuid not null references site,
  weekday int not null,
  opens varchar(5),
  closes varchar(5),
  primary key (site_id, weekday)
);
create index site_visit_weekday on site_visit_day (weekday);
insert into site_visit_day (site_id, weekday) select id, visit_weekday from site;
drop index site_weekday;
alter table site drop column visit_weekday;

-- a visit begins and ends, and what was due and is not done is kept with it
alter table visit add column started_at timestamp(3) with time zone;
alter table visit add column ended_at timestamp(3) with time zone;
alter table visit add column note varchar(1000) default '' not null;
create table visit_left (
  visit_id uuid not null references visit,
  plant_id uuid not null references plant,
  kinds varchar(80) not null,
  primary key (visit_id, plant_id)
);
